import { nightsOf } from "./nights";

const HOUR = 3_600_000;
const night = (day: string, timeZone: string) => {
  const { spans } = nightsOf({ kitchenTempC: 21, nightTempC: 15, timeZone }, Date.parse(`${day}T18:00:00Z`))!;
  // The first one began the evening before.
  return (spans[1][1] - spans[1][0]) / HOUR;
};

test("a night is nine hours, and really one longer or shorter when the clock is put back or forward", () => {
  expect(night("2026-06-10", "Europe/Berlin")).toBe(9);
  expect(night("2026-10-24", "Europe/Berlin")).toBe(10);
  expect(night("2026-03-28", "Europe/Berlin")).toBe(8);
  expect(night("2026-03-28", "Asia/Kolkata")).toBe(9);
});

test("a kitchen that is as warm at night has no nights", () => {
  expect(nightsOf({ kitchenTempC: 21, timeZone: "UTC" }, 0)).toBeUndefined();
  expect(nightsOf({ kitchenTempC: 21, nightTempC: 21, timeZone: "UTC" }, 0)).toBeUndefined();
});
