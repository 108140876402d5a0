import { wordsOf } from "../languages/words";

export const editorWords = wordsOf("library-editor");
