import { Suspense } from "react";
import { Outlet } from "react-router";
import { Mishap } from "./Mishap";
import { Waiting } from "./Waiting";

/** The page at the present address: until it is there, and where it cannot be shown, something says so. */
export function OpenedPage() {
  return (
    <Mishap>
      <Suspense fallback={<Waiting />}>
        <Outlet />
      </Suspense>
    </Mishap>
  );
}
