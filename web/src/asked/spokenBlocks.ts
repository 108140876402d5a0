/** A paragraph, heading or option as it is read aloud, with the places in the page that its letters come from. */
export interface Block {
  text: string;
  language?: string;
  nodes: { node: Text; from: number }[];
}

const BLOCKS = "h1, h2, h3, p, li, td, th, blockquote, legend, label, figcaption";

/** What there is to read in a part of the page, in its order. */
export function blocksOf(part: HTMLElement): Block[] {
  const blocks = new Map<Element, Block>();
  const walker = document.createTreeWalker(part, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const around = node.parentElement;
    if (around && node.nodeValue?.trim() && !around.closest("[data-silent], .visually-hidden, button")) {
      const home = around.closest(BLOCKS) ?? around;
      const block = blocks.get(home) ?? { text: "", language: languageOf(home), nodes: [] };
      block.nodes.push({ node: node as Text, from: block.text.length });
      block.text += node.nodeValue;
      blocks.set(home, block);
    }
  }
  return [...blocks.values()];
}

function languageOf(home: Element): string | undefined {
  return home.closest("[lang]")?.getAttribute("lang") ?? undefined;
}

const MARK = "zafu-word";

/** Marks a word of a block, where the browser can mark without changing the page. */
export function marked(block: Block, from: number, length: number) {
  const range = rangeOf(block, from, length);
  if (range && "highlights" in CSS) {
    CSS.highlights.set(MARK, new Highlight(range));
  }
}

export function unmarked() {
  if ("highlights" in CSS) {
    CSS.highlights.delete(MARK);
  }
}

/** The place in the page of some letters of a block; the word's own length where the voice does not say it. */
function rangeOf(block: Block, from: number, length: number): Range | undefined {
  const home = block.nodes.findLast((each) => each.from <= from);
  if (!home) {
    return undefined;
  }
  const begin = from - home.from;
  const said = length || (/^\S+/.exec(block.text.slice(from))?.[0].length ?? 1);
  const range = document.createRange();
  range.setStart(home.node, Math.min(begin, home.node.length));
  range.setEnd(home.node, Math.min(begin + said, home.node.length));
  return range;
}
