import { useQuery } from "@tanstack/react-query";
import { Suspense, useEffect } from "react";
import { myWorkQuery } from "../api/pageQueries";
import { sessionQuery } from "../api/queries";
import { place } from "../languages/place";
import { Waiting } from "../shell/Waiting";
import { Actions } from "./Actions";
import { Connection } from "./Connection";
import { MyPage } from "./MyPage";
import { useIdle } from "./useIdle";

const MoreOfMine = place(() => import("./MoreOfMine"));

/** The student's own page. */
export function MyWorkPlace() {
  const { data: work, dataUpdatedAt } = useQuery(myWorkQuery);
  const session = useQuery(sessionQuery).data;
  const idle = useIdle();
  useEffect(() => {
    if (idle) {
      // So that what is begun here can go on where the connection is lost later.
      void import("../try/TryPlace");
      void import("./BeforeStart");
    }
  }, [idle]);
  if (!work) {
    return <Waiting />;
  }
  return (
    <MyPage
      work={work}
      actions={(card, first) => <Actions card={card} first={first} />}
      above={<Connection seenAt={dataUpdatedAt} />}
      below={
        idle && (
          <Suspense>
            <MoreOfMine withDevice={session?.studentId !== undefined} />
          </Suspense>
        )
      }
    />
  );
}
