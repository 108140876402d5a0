import type { Schemas } from "../api/client";

type Ease = Schemas["Ease"];

export const words = {
  button: "Aa",
  open: "How I like to read",
  title: "How I like to read",
  textSize: "Size",
  spacing: "Space",
  typeface: "Letters",
  colours: "Colours",
  lineFocus: "Hold the paragraph I am reading",
  clockHidden: "Put the clock away; it only speaks now and then",
  sizes: {
    USUAL: "as it is",
    LARGE: "large",
    LARGER: "larger",
    LARGEST: "largest",
  } satisfies Record<Ease["textSize"], string>,
  spacings: {
    USUAL: "as it is",
    WIDE: "wide",
    WIDER: "wider",
  } satisfies Record<Ease["spacing"], string>,
  typefaces: {
    USUAL: "clear",
    ROUND: "round and open",
    WEIGHTED: "heavy at the foot",
  } satisfies Record<Ease["typeface"], string>,
  colourNames: {
    USUAL: "as the device",
    WHITE: "white",
    SAND: "sand",
    SKY: "sky",
    NIGHT: "night",
  } satisfies Record<Ease["colours"], string>,
  example: "Twice a day the sea comes into the marsh. It does not rush.",
  close: "Done",
};
