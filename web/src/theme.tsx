import GlobalStyles from "@mui/material/GlobalStyles";
import { createTheme } from "@mui/material/styles";

/** Every colour of Zafu, once. In the browser they are the custom properties --z-paper, --z-ink, … */
const light = {
  paper: "#FAF5EC",
  card: "#FFFDF8",
  sunk: "#F1E9DC",
  line: "#DCD0BF",
  ink: "#2E1F38",
  soft: "#6B5E72",
  faint: "#766A7C",
  aubergine: "#55305F",
  aubergineWash: "#EDE3EF",
  action: "#E9A63A",
  actionLine: "#C98A22",
  onAction: "#2E1F38",
  saffron: "#8F5606",
  saffronWash: "#FBE9CC",
  ownWash: "#FFF6E8",
  moss: "#56702F",
  mossText: "#48602A",
  mossWash: "#E4ECD6",
  clay: "#A6432D",
  clayText: "#97391F",
  clayWash: "#F6DDD5",
  sea: "#2F6275",
  seaWash: "#DCE9ED",
  bar: "#2E1F38",
  onBar: "#FFFDF8",
  onBarSoft: "#E4D9EA",
  barRaised: "#4A3355",
};

type Tokens = typeof light;

const dark: Tokens = {
  paper: "#1D1722",
  card: "#27202E",
  sunk: "#17121B",
  line: "#4B4055",
  ink: "#F4EDF7",
  soft: "#C2B6C9",
  faint: "#B0A3B8",
  aubergine: "#DDBFE8",
  aubergineWash: "#3C2C46",
  action: "#E9A63A",
  actionLine: "#E9A63A",
  onAction: "#2E1F38",
  saffron: "#F2C57A",
  saffronWash: "#453313",
  ownWash: "#352a1c",
  moss: "#A9C87B",
  mossText: "#B8D28F",
  mossWash: "#2C3721",
  clay: "#F0A28E",
  clayText: "#F4B5A5",
  clayWash: "#4C2920",
  sea: "#9CCBDD",
  seaWash: "#213842",
  bar: "#2E1F38",
  onBar: "#FFFDF8",
  onBarSoft: "#E4D9EA",
  barRaised: "#4A3355",
};

/** Colours a student may choose to read by; what is not named is as in the light ones. */
const papers: Record<string, Tokens> = {
  WHITE: { ...light, paper: "#FFFFFF", card: "#FFFFFF", sunk: "#F4F2F5", line: "#CFC8D4" },
  SAND: { ...light, paper: "#F3E7CF", card: "#FAF1DF", sunk: "#EADBBD", line: "#CDB98F" },
  SKY: { ...light, paper: "#E3EFF5", card: "#F1F8FB", sunk: "#D3E4EC", line: "#A9C3D0", soft: "#55506A" },
  NIGHT: dark,
};

/** Sizes of the students' text in pixels, and how open its lines are. */
const textSizes = { USUAL: 17, LARGE: 21, LARGER: 25, LARGEST: 30 };
const spacings = {
  USUAL: { line: 1.5, letter: "0" },
  WIDE: { line: 1.8, letter: "0.03em" },
  WIDER: { line: 2.1, letter: "0.06em" },
};
const typefaces = {
  USUAL: "'Atkinson Hyperlegible Next Variable', sans-serif",
  ROUND: "'Lexend Variable', sans-serif",
  WEIGHTED: "'OpenDyslexic', sans-serif",
};

/** Hues of groups; they say nothing of rank. */
const groupHues = {
  light: ["#7A4B86", "#2F6275", "#7A5C16", "#7B3F52", "#4F6B4A", "#40568A", "#6A5A4A", "#8A4A2F"],
  dark: ["#CDA5D8", "#93C5D8", "#DDBE72", "#DDA3B5", "#AECBA8", "#A9BAE6", "#CDBDAD", "#E3AD95"],
};

const round = 12;

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: "media" },
  colorSchemes: { light: { palette: palette(light) }, dark: { palette: palette(dark) } },
  shape: { borderRadius: round },
  typography: {
    fontFamily: "var(--z-font)",
    fontSize: 14,
    h1: { fontSize: 19, fontWeight: 700 },
    h2: { fontSize: 15, fontWeight: 700 },
    h3: { fontSize: 14, fontWeight: 700 },
    body1: { fontSize: 14 },
    body2: { fontSize: 12.5 },
    button: { textTransform: "none", fontWeight: 600, fontSize: 14 },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: "outlined", color: "secondary" },
      styleOverrides: {
        root: {
          borderRadius: 999,
          padding: "3px 15px",
          color: "var(--z-ink)",
          borderColor: "var(--z-line)",
          background: "var(--z-card)",
          "&:hover": { background: "var(--z-sunk)", borderColor: "var(--z-soft)" },
          "&.Mui-disabled": { color: "var(--z-faint)" },
          "&.MuiButton-sizeLarge": { padding: "8px 24px", fontSize: 17 },
          "&.MuiButton-contained": {
            background: "var(--z-action)",
            border: "1px solid var(--z-actionLine)",
            color: "var(--z-onAction)",
            "&:hover": { filter: "brightness(0.96)" },
            "&.Mui-disabled": {
              background: "var(--z-sunk)",
              borderColor: "var(--z-line)",
              color: "var(--z-faint)",
            },
          },
          "&.MuiButton-text": { background: "none", color: "var(--z-aubergine)", padding: "3px 8px" },
        },
      },
    },
    // Signs such as an arrow are narrow; a finger is not.
    MuiIconButton: { styleOverrides: { root: { minWidth: 32, minHeight: 32 } } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: "none" } } },
    MuiTextField: { defaultProps: { size: "small" } },
    MuiFormLabel: {
      styleOverrides: { root: { color: "var(--z-soft)", "&.Mui-focused": { color: "var(--z-aubergine)" } } },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          color: "var(--z-ink)",
          textTransform: "none",
          "&.Mui-selected": { backgroundColor: "var(--z-ownWash)", color: "var(--z-ink)" },
        },
      },
    },
    MuiTooltip: {
      styleOverrides: {
        tooltip: { background: "var(--z-bar)", color: "var(--z-onBar)", fontSize: 12.5, borderRadius: 8 },
      },
    },
    // A student's own colours hold in dialogs and fields too.
    MuiDialog: {
      styleOverrides: {
        paper: {
          border: "1px solid var(--z-line)",
          backgroundColor: "var(--z-card)",
          color: "var(--z-ink)",
        },
      },
    },
    MuiInputBase: { styleOverrides: { root: { color: "var(--z-ink)" } } },
    MuiDialogTitle: { styleOverrides: { root: { fontSize: 17, fontWeight: 700, paddingBottom: 8 } } },
  },
});

function palette(t: Tokens) {
  return {
    primary: { main: t.aubergine },
    secondary: { main: t.ink },
    error: { main: t.clay },
    success: { main: t.moss },
    background: { default: t.paper, paper: t.card },
    text: { primary: t.ink, secondary: t.soft },
    divider: t.line,
  };
}

/** What a student has chosen stands on the page's root, see EaseProvider. */
const chosenByStudent = Object.fromEntries([
  ...Object.entries(papers).map(([name, tokens]) => [
    `:root[data-colours=${name}]`,
    { ...customProperties(tokens, groupHues.light), colorScheme: name === "NIGHT" ? "dark" : "light" },
  ]),
  ...Object.entries(textSizes).map(([name, size]) => [
    `:root[data-size=${name}]`,
    { "--z-text": `${size}px` },
  ]),
  ...Object.entries(spacings).map(([name, { line, letter }]) => [
    `:root[data-spacing=${name}]`,
    { "--z-lines": line, "--z-letters": letter },
  ]),
  ...Object.entries(typefaces).map(([name, font]) => [`:root[data-typeface=${name}]`, { "--z-font": font }]),
]);

function customProperties(tokens: Tokens, hues: string[]): Record<string, string> {
  const own = Object.entries(tokens).map(([name, value]) => [`--z-${name}`, value]);
  return Object.fromEntries([...own, ...hues.map((hue, i) => [`--z-group-${i}`, hue])]);
}

export function ZafuGlobalStyles() {
  return (
    <GlobalStyles
      styles={{
        ":root": {
          ...customProperties(light, groupHues.light),
          "--z-text": `${textSizes.USUAL}px`,
          "--z-lines": spacings.USUAL.line,
          "--z-letters": spacings.USUAL.letter,
          "--z-font": typefaces.USUAL,
        },
        "@media (prefers-color-scheme: dark)": { ":root": customProperties(dark, groupHues.dark) },
        ...chosenByStudent,
        "html, body, #root": { height: "100%" },
        body: { background: "var(--z-paper)", color: "var(--z-ink)", fontVariantNumeric: "tabular-nums" },
        "h1, h2, h3, p, ul": { margin: 0 },
        // On a page that is written from the right, a text of another direction keeps its own.
        "[dir=rtl] body *": { unicodeBidi: "plaintext" },
        a: { color: "var(--z-aubergine)" },
        // What a student reads and answers, wherever it is shown to them.
        ".reading": {
          fontSize: "var(--z-text)",
          lineHeight: "var(--z-lines)",
          letterSpacing: "var(--z-letters)",
        },
        "::highlight(zafu-word)": { backgroundColor: "var(--z-action)", color: "var(--z-onAction)" },
        ":focus-visible": { outline: "3px solid var(--z-aubergine)", outlineOffset: 1 },
        ".visually-hidden": {
          position: "absolute",
          width: 1,
          height: 1,
          overflow: "hidden",
          clipPath: "inset(50%)",
          whiteSpace: "nowrap",
        },
        "@media print": { ".no-print": { display: "none !important" }, body: { background: "#fff" } },
        "@media (prefers-reduced-motion: reduce)": {
          "*": { transition: "none !important", animation: "none !important" },
        },
      }}
    />
  );
}
