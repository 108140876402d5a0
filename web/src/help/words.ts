/** A page of help: what the place is for, then how one does what one came for. */
export interface Help {
  title: string;
  about: string;
  how: readonly string[];
}

export const words = {
  open: "Help",
  title: "Help",
  how: "How to",
  keysHere: "Keys on this page",
  keysEverywhere: "Keys everywhere",
  noKeysHere: "This page has no keys of its own.",
  everywhere: [
    [["?"], "this page of help"],
    [["Tab"], "to the next thing that can be used"],
    [["Esc"], "close what is open"],
  ] as const,
  others: "Help for other places",
  close: "Close",
};

/** Help for each place of an adult, by the first part of its address within a class. */
export const pages = {
  today: {
    title: "Today",
    about: "What needs a person now, each with its action beside it. When nothing is listed, nothing waits.",
    how: [
      "Do a thing where it stands: the button at the right of a line does it, and what was done can be undone.",
      "Choose a group at the foot of the page to see today for that group alone.",
      "Moves that new scores suggest are only suggestions: look at them on the bench before you take them.",
    ],
  },
  students: {
    title: "Students",
    about: "Everybody in the class with scores, levels, needs and when they were last here.",
    how: [
      "Narrow the list with the fields above it; keep a narrowing you use often under a name.",
      "Tick several students, then do one thing to all of them: tag, archive, new entry code, another class.",
      "Click a name for all that is known of a student: scores over time, what they need, groups, work.",
      "Print entry cards, or let students join by themselves, under More.",
    ],
  },
  "bring-in": {
    title: "Importing a list",
    about: "A class comes from a file, from names that you paste, or from the school's own system.",
    how: [
      "Choose the file. Zafu says which column it takes for what; change what it guessed wrongly.",
      "What is not clear is asked first: who a child is, what “<20” means, which sheet it is. Your answers count for the next such file too.",
      "Every change is shown before anything is imported, old beside new. An import can be undone as a whole.",
    ],
  },
  scores: {
    title: "Scores",
    about: "Type in what you measured: a column for each measure, a line for each student.",
    how: [
      "Type a score and press Enter to go to the next student. Scores are kept as you type.",
      "“abs” and “ex” say that somebody was absent or excused; that is no zero.",
    ],
  },
  wishes: {
    title: "Wishes and pairs",
    about: "What students would like to do, and who works well together or better apart.",
    how: [
      "Ask a short question; students rank what they like best on their own page.",
      "Note pairs for yourself: students never see them. Groups are formed with both in mind.",
    ],
  },
  arrange: {
    title: "Arrange",
    about: "An arrangement is one way to divide the class into groups, for some weeks and one purpose.",
    how: [
      "Make an arrangement, choose how to start, and look at the proposal before you take it.",
      "On the bench, drag students between trays, or select them and press the number of the tray.",
      "The score line shows where groups are cut. Drag a cut, and see who moves.",
      "Under Details say who sees the arrangement: you alone, the class's adults, or colleagues too.",
      "Every step can be undone; History brings back how it was on any day.",
    ],
  },
  corners: {
    title: "Corners",
    about: "A corner is a group's own place: notices, talk, files and meeting.",
    how: [
      "A notice for several groups is written once, and corrected once.",
      "In a talk where students say something first, nobody reads the others before that.",
      "What students report comes first. Hide it, and it is gone for them at once.",
    ],
  },
  meetings: {
    title: "Meetings",
    about: "The pages on which groups meet: who is there, and which group calls for you.",
    how: [
      "Go from one group to the next; the one that has called longest comes first.",
      "A group can meet at any other address instead: set it in its corner.",
    ],
  },
  library: {
    title: "Library",
    about: "Lessons, quizzes, tasks and links to give to groups: yours, and what colleagues share.",
    how: [
      "Find by words, skill, level, minutes or kind. “Ready to teach” looks at what the chosen group can do.",
      "Make an item once; each group gets it in a version of its own when you give it.",
      "Units hold items in an order; the map of skills says what stands on what.",
    ],
  },
  plan: {
    title: "Plan",
    about: "The week of the class: who sits at the table with you when, and which work is out.",
    how: [
      "Give a task to groups, and differ only in what differs: text, questions, minutes, when it is due.",
      "Time needs are counted in by themselves. “See as” shows what one student gets.",
      "Minutes can be added while a class is working, to one or to all.",
    ],
  },
  progress: {
    title: "Progress",
    about: "Who has done what, how it went, and how scores grow.",
    how: [
      "Click a cell to open the work, ask for another try, excuse it, or give more time.",
      "Low results wait in a list of their own until you have done something about them.",
      "Letters for families and sheets for your folder are under Reports, each read before it is printed.",
    ],
  },
  adults: {
    title: "Who works in this class",
    about: "Teachers with the same rights, support staff with fewer, and colleagues who look only.",
    how: [
      "Support for named groups see the groups that they lead on the bench, and nothing else.",
      "Ask somebody by mail: the address in it works once, for a week.",
      "To hand a class over, make your colleague an owner, then take your own role away.",
    ],
  },
  history: {
    title: "History",
    about: "Who did what, when. Nothing in it can be changed.",
    how: [
      "Read it for the class, a student, a group or a task: open it from there.",
      "Take it along as a file for a table program.",
    ],
  },
  school: {
    title: "The school",
    about: "Measures, adults, the calendar, lists from the school's system, and backups.",
    how: [
      "Measures are the scales on which scores are noted, with the cuts for each grade and season.",
      "A backup is made every night and opened once to see that it can be used.",
      "At the end of a year, Who has left shows whose record can be erased, before it is.",
    ],
  },
} as const satisfies Record<string, Help>;

export type PageOfHelp = keyof typeof pages;

/** The page of help for an address, such as `/classes/3/arrange/12`. */
export function pageFor(pathname: string): PageOfHelp {
  const parts = pathname.split("/").filter(Boolean);
  const place = parts[0] === "classes" ? parts[2] : parts[0];
  return place !== undefined && place in pages ? (place as PageOfHelp) : "today";
}
