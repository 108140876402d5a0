import Box from "@mui/material/Box";

interface Props {
  text: string;
  link: string;
  files: { id: number; name: string }[];
  /** Where a file lies. */
  addressOf: (fileId: number) => string;
}

/** What a notice says, as plain words, with its link and files. */
export function NoticeBody({ text, link, files, addressOf }: Props) {
  return (
    <>
      <Box sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere" }}>{text}</Box>
      {link && (
        <Box sx={{ overflowWrap: "anywhere" }}>
          <a href={link} target="_blank" rel="noreferrer">
            {link}
          </a>
        </Box>
      )}
      {files.map((file) => (
        <Box key={file.id}>
          <a href={addressOf(file.id)}>{file.name}</a>
        </Box>
      ))}
    </>
  );
}
