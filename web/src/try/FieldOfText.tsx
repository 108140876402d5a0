import { words as asked } from "../asked/words";
import { lazyPart } from "../shell/lazyPart";
import { words } from "./words";

const RichText = lazyPart(
  () => asked.writing,
  () => import("../asked/RichText"),
);

export function FieldOfText({ text, onWrite }: { text: string; onWrite: (text: string) => void }) {
  return <RichText html={text} label={words.write} onWrite={onWrite} />;
}
