/** Words of what Zafu is made of. */
export const aboutWords = {
  title: "About Zafu",
  version: (version: string) => `This is version ${version}.`,
  fonts:
    "Its fonts are Atkinson Hyperlegible Next, Lexend and OpenDyslexic (SIL Open Font License) and DejaVu (its own free license).",
  parts: (count: number) => `Made with ${count} libraries, each under its own license`,
  noLicence: "license not named",
  close: "Close",
};
