import { type MessageFormatElement, parse, TYPE } from "@formatjs/icu-messageformat-parser";
import { afterAll, describe, expect, it } from "vitest";
import { words as plan } from "../plan/words";
import { dueInWords, spell } from "../shell/dates";
import { scoreText } from "../shell/score";
import { words as attempt } from "../try/words";
import { allLanguages, languages, spoken } from "./languages";
import { speak } from "./speak";

type Leaves = Map<string, string>;

const files = import.meta.glob<unknown>("./*/**/*.json", { eager: true, import: "default" });

/** The messages of a language by place and key. */
function messagesOf(tag: string): Leaves {
  const found: Leaves = new Map();
  for (const [path, catalogue] of Object.entries(files)) {
    const name = path.slice(2);
    if (name.startsWith(`${tag}/`)) {
      collect(catalogue, name.slice(tag.length + 1), found);
    }
  }
  return found;
}

function collect(node: unknown, path: string, found: Leaves) {
  if (typeof node === "string") {
    found.set(path, node);
  } else {
    for (const [key, inner] of Object.entries(node as object)) {
      collect(inner, `${path} ${key}`, found);
    }
  }
}

function argumentsOf(message: string): string[] {
  const found = new Set<string>();
  const walk = (elements: MessageFormatElement[]) => {
    for (const element of elements) {
      if (element.type === TYPE.argument || element.type === TYPE.plural || element.type === TYPE.select) {
        found.add(element.value);
      }
      if (element.type === TYPE.plural || element.type === TYPE.select) {
        for (const option of Object.values(element.options)) {
          walk(option.value);
        }
      }
    }
  };
  walk(message.includes("{") ? parse(message) : []);
  return [...found].sort();
}

const english = messagesOf("en");

describe.each(allLanguages.filter((tag) => tag !== "en"))("the catalogues in %s", (tag) => {
  const own = messagesOf(tag);
  const wanted = [...english].filter(([path]) => languages[tag].adults || path.startsWith("students/"));

  it("say everything that the English ones say, and nothing else", () => {
    expect([...own.keys()].sort()).toEqual(wanted.map(([path]) => path).sort());
  });

  it("are told the same arguments", () => {
    // A number that stands in the English sentence may be left to the words of another language.
    const others = wanted.filter(([path, message]) => {
      const known = argumentsOf(message);
      return argumentsOf(own.get(path) ?? "").some((each) => !known.includes(each));
    });
    const lost = wanted.filter(([path, message]) => {
      const told = argumentsOf(own.get(path) ?? "").map((each) => each.replace(/Count$/, ""));
      return argumentsOf(message).some((each) => !told.includes(each.replace(/Count$/, "")));
    });
    expect([...others, ...lost].map(([path]) => path)).toEqual([]);
  });

  it("leave no sentence in English", () => {
    const plain = (message: string) => message.replace(/\{[^{}]*(\{[^{}]*\}[^{}]*)*\}/g, "");
    const sentences = wanted.filter(
      ([path, message]) =>
        !path.includes(" patterns ") && (plain(message).match(/\p{L}{2,}/gu) ?? []).length > 3,
    );
    expect(sentences.filter(([path, message]) => own.get(path) === message)).toEqual([]);
  });

  it("have every form of number that the language has", () => {
    const forms = new Intl.PluralRules(languages[tag].locale).resolvedOptions().pluralCategories;
    const needed = forms.filter((form) => form !== "zero" && !(form === "many" && tag !== "ar"));
    const short = [...own].filter(([, message]) =>
      (message.includes("{") ? parse(message) : []).some(
        (element) =>
          element.type === TYPE.plural && needed.some((form) => element.options[form] === undefined),
      ),
    );
    expect(short.map(([path]) => path)).toEqual([]);
  });
});

describe("a page that speaks another language", () => {
  afterAll(() => speak("en"));

  it("says numbers, names and days as that language says them", async () => {
    await speak("fr");
    expect(plan.handedOut({ students: 1 })).toBe("Assignée à 1 élève.");
    expect(plan.noneTitle({ names: ["Umi", "Wren"] })).toBe("Umi et Wren ne reçoivent rien");
    expect(spell("2027-02-09T09:00", "weekdayDayLong")).toBe("mardi 9 février");
    expect(scoreText(7.5, { levels: [], decimals: 1 })).toBe("7,5");
    await speak("ar");
    expect(attempt.timeLeft(120)).toBe("دقيقتان");
    expect(attempt.timeLeft(180)).toBe("3 دقائق");
    await speak("zh");
    expect(spell("2027-02-09T09:00", "weekdayDay")).toBe("2月9日 周二");
    expect(dueInWords("2027-02-10T12:00", "2027-02-09T09:00", "BEFORE_LUNCH")).toBe("明天，午饭前");
  });
});

describe("the language that is spoken", () => {
  it("is the first wanted one that Zafu speaks, whatever its region", () => {
    expect(spoken([undefined, "de-DE", "fr-FR", "es"], true)).toBe("fr");
    expect(spoken(["ar-SA"], false)).toBe("ar");
    expect(spoken(["ar-SA", "es-MX"], true)).toBe("es");
    expect(spoken(["tlh"], true)).toBe("en");
  });
});
