export const words = {
  title: "Good to see you",
  student: "I am a student",
  adult: "I am a teacher",
  code: "Your entry code",
  codeHelp: "Eight letters and numbers, from your card",
  name: "Name",
  password: "Password",
  go: "Sign in",
  unreachable: "Zafu does not answer. Is the network there?",
};
