import type { Schemas } from "../api/client";
import { locale } from "../languages/speak";
import { wordsOf, wordsWith } from "../languages/words";
import { rangeText, scoreText } from "../shell/score";

const said = wordsOf("library");

type Hit = Schemas["Hit"];

export const words = wordsWith("library", {
  language: (tag: string) => new Intl.DisplayNames(locale(), { type: "language" }).of(tag) ?? tag,
  levelAbout: (median: number, low: number, high: number, levels: string[]) =>
    said.levelAboutSays({
      median: levelText(median, levels),
      low: levelText(low, levels),
      high: levelText(high, levels),
    }),
  about: (hit: Hit, students: number) => aboutHit(hit, students),
  level: (low: number, high: number, levels: string[] = []) =>
    low === high ? levelText(low, levels) : rangeText(low, high, { levels, decimals: 0 }),
  needs: (names: string[]) => said.needsSays({ names: names.join(", ") }),
  checked: (broken: number) =>
    broken === 0 ? said.checkedSays.allLinksOpen : said.checkedSays.linksDoNot({ broken }),
});

function levelText(value: number, levels: string[]): string {
  return scoreText(value, { levels, decimals: 0 });
}

function aboutHit(hit: Hit, students: number): string {
  const parts = [
    hit.questions > 0 && hit.kind !== "LINK"
      ? said.aboutHitSays({ kind: words.kinds[hit.kind], questions: hit.questions })
      : words.kinds[hit.kind],
    // What everybody holds is no news.
    ...hit.needs
      .filter((need) => need.heldBy < students)
      .map((need) => words.needsHeld({ name: need.name, held: need.heldBy })),
    hit.kind === "LESSON" ? "" : usedBy(hit.usedBy, students),
    hit.language === "en" ? "" : words.language(hit.language),
    hit.visibility === "PRIVATE" ? words.private : "",
  ];
  return parts.filter((part) => part !== "").join(" · ");
}

function usedBy(used: number, students: number): string {
  if (students === 0) {
    return "";
  }
  return used === 0 ? said.usedBySays.newAll({ students }) : said.usedBySays.haveHad({ used, students });
}
