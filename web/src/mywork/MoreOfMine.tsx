import MyDevice from "../device/MyDevice";
import MyCalendar from "./MyCalendar";
import MyGroups from "./MyGroups";

/** What is seldom wanted: the calendar, a way into a group, coming back by picture. */
export default function MoreOfMine({ withDevice }: { withDevice: boolean }) {
  return (
    <>
      <MyCalendar />
      <MyGroups />
      {withDevice && <MyDevice />}
    </>
  );
}
