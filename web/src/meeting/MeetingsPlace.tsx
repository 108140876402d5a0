import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { api, type Schemas } from "../api/client";
import { meetingsQuery } from "../api/meetingQueries";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

/** All groups that meet on pages of ours: who is where, who calls; an adult goes from one to the next. */
export default function MeetingsPlace() {
  const { classId } = useFocus();
  const [inside, setInside] = useState<number | null>(null);
  const rooms = useQuery(meetingsQuery(classId, inside)).data;
  useEffect(
    () => () => {
      if (inside !== null) {
        api
          .DELETE("/api/corners/{cornerId}/meeting", { params: { path: { cornerId: inside } } })
          .catch(() => undefined);
      }
    },
    [inside],
  );
  if (!rooms) {
    return <Waiting />;
  }
  return (
    <>
      <PlaceHead title={words.title} about={words.about}>
        <Button component={Link} to={`/classes/${classId}/corners`}>
          {words.corners}
        </Button>
      </PlaceHead>
      {rooms.length === 0 && <Card sx={{ p: 3 }}>{words.none}</Card>}
      <Box
        component="ul"
        sx={{
          listStyle: "none",
          m: 0,
          p: 0,
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: "repeat(auto-fill, minmax(260px, 1fr))",
        }}
      >
        {rooms.map((room) => (
          <Room
            key={room.cornerId}
            room={room}
            here={room.cornerId === inside}
            onGo={(goes) => setInside(goes ? room.cornerId : null)}
          />
        ))}
      </Box>
    </>
  );
}

interface RoomProps {
  room: Schemas["MeetingRoom"];
  here: boolean;
  onGo: (goesIn: boolean) => void;
}

function Room({ room, here, onGo }: RoomProps) {
  const students = room.present.filter((each) => !each.adult);
  const calls = room.callsForMinutes !== undefined;
  return (
    <Card
      component="li"
      aria-label={room.group}
      sx={{
        p: 2,
        display: "grid",
        gap: 1,
        alignContent: "start",
        outline: here ? "2px solid var(--z-aubergine)" : "none",
        borderColor: calls ? "var(--z-clay)" : undefined,
      }}
    >
      <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
        <GroupShape look={room.look} size={14} />
        <Box component="h2" sx={{ fontSize: 15, flex: 1 }}>
          {room.group}
        </Box>
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {words.of({ present: students.length, members: room.members })}
        </Box>
      </Box>
      {room.callsForMinutes !== undefined && (
        <Box sx={{ color: "var(--z-clayText)", fontWeight: 700 }}>{words.calls(room.callsForMinutes)}</Box>
      )}
      <Box>
        {room.present.length === 0 ? (
          <Box component="span" sx={{ color: "var(--z-soft)" }}>
            {words.empty}
          </Box>
        ) : (
          room.present.map((each) => (each.me ? words.youAreHere : each.name)).join(", ")
        )}
      </Box>
      <Button
        variant={calls ? "contained" : "outlined"}
        aria-label={here ? words.leaveRoom({ group: room.group }) : words.goTo({ group: room.group })}
        onClick={() => onGo(!here)}
        sx={{ justifySelf: "start" }}
      >
        {here ? words.leave : words.goIn}
      </Button>
    </Card>
  );
}
