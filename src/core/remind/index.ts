export * from "./reminders";
