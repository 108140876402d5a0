import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { useNotice } from "../shell/Notice";
import { GrantDialog } from "../student/GrantDialog";
import { refreshNeeds } from "../student/refreshNeeds";
import { words } from "./words";

interface Props {
  students: readonly number[];
  onClose: () => void;
}

/** Grants the same to all who are selected, and takes it back from all of them. */
export function GrantToMany({ students, onClose }: Props) {
  const tell = useNotice();
  const end = useMutation({
    mutationFn: (body: Schemas["GrantedNeeds"]) => api.POST("/api/accommodations/end", { body }),
    onSuccess: refreshNeeds,
    onError: (error) => tell(error.message),
  });
  return (
    <GrantDialog
      plans={[]}
      grant={(granted) =>
        data<Schemas["GrantedNeeds"]>(
          api.POST("/api/accommodations", { body: { students: [...students], granted } }),
        )
      }
      onGranted={(all, what) => {
        refreshNeeds();
        tell(words.grantedToMany({ count: students.length, what }), () => end.mutate(all));
      }}
      onClose={onClose}
    />
  );
}
