import { beforeAll } from "vitest";
import { catalogues, speak } from "../languages/speak";

await speak("en");

// Words are here before what speaks with them is tested, as before a place is shown.
beforeAll(catalogues);
