import asked from "./asked.json";
import device from "./device.json";
import ease from "./ease.json";
import entry from "./entry.json";
import meeting from "./meeting.json";
import mycorner from "./mycorner.json";
import mywork from "./mywork.json";
import shelf from "./mywork-shelf.json";
import shell from "./shell.json";
import dates from "./shell-dates.json";
import signin from "./signin.json";
import attempt from "./try.json";

/** All that students' pages and sign-in speak with, in one file: on a slow device each file costs more than its bytes. */
export default {
  asked,
  device,
  ease,
  entry,
  meeting,
  mycorner,
  mywork,
  "mywork-shelf": shelf,
  shell,
  "shell-dates": dates,
  signin,
  try: attempt,
};
