import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { queryOptions, useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { Waiting } from "../shell/Waiting";
import { aboutWords as words } from "./aboutWords";

const aboutQuery = queryOptions({
  queryKey: ["about"],
  queryFn: () => data(api.GET("/api/about")),
  staleTime: Number.POSITIVE_INFINITY,
});

/** Which Zafu this is, and whose work is in it. */
export default function AboutDialog({ onClose }: { onClose: () => void }) {
  const about = useQuery(aboutQuery).data;
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>{words.title}</DialogTitle>
      <DialogContent>
        {!about && <Waiting />}
        {about && (
          <>
            <Box>{words.version({ version: about.version })}</Box>
            <Box sx={{ mt: 1 }}>{words.fonts}</Box>
            <Box component="h3" sx={{ fontSize: 15, mt: 2, mb: 0.5 }}>
              {words.parts({ count: about.parts.length })}
            </Box>
            <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
              {about.parts.map((part) => (
                <Box
                  component="li"
                  key={`${part.name} ${part.version}`}
                  sx={{ py: 0.5, borderTop: "1px solid var(--z-line)", overflowWrap: "anywhere" }}
                >
                  {part.name} {part.version}
                  <Box component="span" sx={{ color: "var(--z-soft)" }}>
                    {" "}
                    · {part.licence || words.noLicence}
                  </Box>
                </Box>
              ))}
            </Box>
          </>
        )}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button variant="contained" onClick={onClose}>
          {words.close}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
