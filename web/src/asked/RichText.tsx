import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { EditorContent, useEditor, useEditorState } from "@tiptap/react";
import StarterKit from "@tiptap/starter-kit";
import { useEffect, useRef } from "react";
import { words } from "./words";

interface Props {
  html: string;
  label: string;
  /** Absent where it is only shown. */
  onWrite?: (html: string) => void;
}

const LONGEST = 15_000;

/**
 * Written text with a little form: bold, slanted, lists. Whatever it is given, only these are ever shown, so the words of
 * one person cannot do anything in the page of another.
 */
export default function RichText({ html, label, onWrite }: Props) {
  const shown = useRef(html);
  const editor = useEditor({
    extensions: [
      StarterKit.configure({
        heading: false,
        codeBlock: false,
        code: false,
        blockquote: false,
        horizontalRule: false,
        link: false,
        strike: false,
        underline: false,
      }),
    ],
    content: html,
    editable: onWrite !== undefined,
    injectCSS: false,
    immediatelyRender: true,
    editorProps: {
      attributes: onWrite
        ? { role: "textbox", "aria-multiline": "true", "aria-label": label }
        : { "aria-label": label },
    },
    onUpdate: ({ editor: now }) => {
      const written = now.isEmpty ? "" : now.getHTML();
      if (written.length <= LONGEST) {
        shown.current = written;
        onWrite?.(written);
      } else {
        now.commands.undo();
      }
    },
  });
  useEffect(() => {
    // What comes from elsewhere, another page or the server, is what is saved: it must be what is seen.
    if (html !== shown.current) {
      shown.current = html;
      const { from, to } = editor.state.selection;
      editor.commands.setContent(html, { emitUpdate: false });
      editor.commands.setTextSelection({ from, to });
    }
  }, [html, editor]);
  return (
    <Box
      sx={{
        border: onWrite ? "1px solid var(--z-line)" : 0,
        borderRadius: "12px",
        bgcolor: onWrite ? "var(--z-card)" : "transparent",
        "&:focus-within": onWrite ? { outline: "3px solid var(--z-aubergine)", outlineOffset: 1 } : {},
        "& .ProseMirror": {
          minHeight: onWrite ? "9em" : 0,
          p: onWrite ? 2 : 0,
          outline: "none",
          whiteSpace: "pre-wrap",
          overflowWrap: "anywhere",
        },
        "& .ProseMirror p": { mb: 1 },
      }}
    >
      {onWrite && <Tools editor={editor} />}
      <EditorContent editor={editor} />
    </Box>
  );
}

type Editor = NonNullable<ReturnType<typeof useEditor>>;

function Tools({ editor }: { editor: Editor }) {
  const on = useEditorState({
    editor,
    selector: ({ editor: now }) => ({
      bold: now.isActive("bold"),
      italic: now.isActive("italic"),
      bullets: now.isActive("bulletList"),
      numbers: now.isActive("orderedList"),
      undo: now.can().undo(),
    }),
  });
  const write = () => editor.chain().focus();
  return (
    <Box
      role="toolbar"
      aria-label={words.tools}
      sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, p: 0.75, borderBottom: "1px solid var(--z-line)" }}
    >
      <Tool label={words.bold} on={on.bold} onClick={() => write().toggleBold().run()}>
        <b>B</b>
      </Tool>
      <Tool label={words.italic} on={on.italic} onClick={() => write().toggleItalic().run()}>
        <i>I</i>
      </Tool>
      <Tool label={words.bullets} on={on.bullets} onClick={() => write().toggleBulletList().run()}>
        •
      </Tool>
      <Tool label={words.numbers} on={on.numbers} onClick={() => write().toggleOrderedList().run()}>
        1.
      </Tool>
      <Tool label={words.undoTyping} disabled={!on.undo} onClick={() => write().undo().run()}>
        ↶
      </Tool>
    </Box>
  );
}

interface ToolProps {
  label: string;
  on?: boolean;
  disabled?: boolean;
  onClick: () => void;
  children: React.ReactNode;
}

function Tool({ label, on, disabled, onClick, children }: ToolProps) {
  return (
    <Button
      aria-label={label}
      aria-pressed={on}
      disabled={disabled}
      onClick={onClick}
      sx={{
        minWidth: 44,
        minHeight: 44,
        px: 1,
        borderRadius: "8px",
        "&&": on ? { bgcolor: "var(--z-aubergineWash)", borderColor: "var(--z-aubergine)" } : {},
      }}
    >
      {children}
    </Button>
  );
}
