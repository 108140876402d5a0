import { lazy, Suspense } from "react";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

const RichText = lazy(() => import("../asked/RichText"));

export function FieldOfText({ text, onWrite }: { text: string; onWrite: (text: string) => void }) {
  return (
    <Suspense fallback={<Waiting />}>
      <RichText html={text} label={words.write} onWrite={onWrite} />
    </Suspense>
  );
}
