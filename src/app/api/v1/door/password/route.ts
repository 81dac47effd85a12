import { PasswordInput } from "@/inputs/doorInput";
import { changePassword } from "@/server/door";
import { guards } from "@/server/route";

export const PUT = guards(PasswordInput, changePassword);
