import { describe, expect, it } from "vitest";
import { asField, day, dayAndTime, dueInWords, time, timeInZone } from "./dates";

const now = "2027-02-09T08:10:00";

describe("when something is due, in a child's words", () => {
  it("speaks of today and tomorrow with the hour", () => {
    expect(dueInWords("2027-02-09T15:00:00", now)).toBe("today, 3:00 pm");
    expect(dueInWords("2027-02-10T09:05:00", now)).toBe("tomorrow, 9:05 am");
  });

  it("names the weekday within the week, and the date beyond it", () => {
    expect(dueInWords("2027-02-12T15:00:00", now)).toBe("Friday, 3:00 pm");
    expect(dueInWords("2027-02-15T15:00:00", now)).toBe("Monday, 3:00 pm");
    expect(dueInWords("2027-02-16T15:00:00", now)).toBe("Tue 16 Feb");
  });

  it("names the date of what is past", () => {
    expect(dueInWords("2027-02-08T15:00:00", now)).toBe("Mon 8 Feb");
  });

  it("counts days, not hours", () => {
    expect(dueInWords("2027-02-10T00:05:00", "2027-02-09T23:55:00")).toBe("tomorrow, 12:05 am");
  });
});

describe("moments for teachers", () => {
  it("are shown as the server put them on the school's clocks", () => {
    expect(dayAndTime("2027-02-09T09:00:00")).toBe("Tue 9 Feb 09:00");
    expect(dayAndTime(undefined)).toBe("");
    expect(day("2027-02-09")).toBe("9 Feb");
    expect(time("2027-02-09T09:00:00")).toBe("09:00");
  });

  it("fill a field to the minute", () => {
    expect(asField("2027-02-09T09:00:00")).toBe("2027-02-09T09:00");
    expect(asField(undefined)).toBe("");
  });

  it("are put on the school's clocks where they are instants", () => {
    expect(timeInZone("2027-02-09T12:10:00Z", "America/Halifax")).toBe("08:10");
    expect(timeInZone("2027-02-09T04:05:00Z", "America/Halifax")).toBe("00:05");
    // In summer the school's clocks are an hour ahead.
    expect(timeInZone("2027-06-09T12:10:00Z", "America/Halifax")).toBe("09:10");
  });
});
