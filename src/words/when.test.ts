import { whenWords } from "./when";
import { wallMs } from "./times";

const SHEET = { mixedMin: 35, onHeadMin: 115, rinseMin: 175 };
const say = (when: string, now = "2026-10-02T09:00") => whenWords(SHEET, when, now.slice(0, 10), wallMs(now));

test("counted back from the head, with the day where it is another", () => {
  expect(say("2026-10-04T10:00")).toBe(
    "Gather at Sunday 4 October 08:05, mixed by Sunday 4 October 08:40, on the head Sunday 4 October 10:00," +
      " off about Sunday 4 October 11:00.",
  );
  expect(say("2026-10-02T14:00")).toBe("Gather at 12:05, mixed by 12:40, on the head 14:00, off about 15:00.");
});
test("too soon says the soonest; the night is named; what is no time is asked for", () => {
  expect(say("2026-10-02T10:00")).toBe(
    "For that it would have had to begin at 08:05. The soonest it can be on is 10:55.",
  );
  expect(say("2026-10-03T06:30")).toMatch(/In the night: the mixing\.$/);
  expect(say("2026-10-02T22:30")).toMatch(/In the night: the rinse\.$/);
  expect(say("soon")).toBe("Say when, with a day and a time.");
});
