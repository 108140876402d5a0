import { wordsWith } from "../languages/words";

export const words = wordsWith("asked", {
  language: (tag: string) => new Intl.DisplayNames([tag], { type: "language" }).of(tag) ?? tag,
});
