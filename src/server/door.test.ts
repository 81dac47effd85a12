import { happenedAt } from "./batches";
import { hashPassword, passwordIs, waitMs } from "./door";
import { addressOf } from "./session";

test("five wrong tries are free; then the wait doubles to a minute, and a quarter of an hour forgets", () => {
  const tries = (count: number, lastMs = 0) => Array.from({ length: count }, (_, i) => lastMs - i);
  expect([0, 4, 5, 6, 8, 20].map((count) => waitMs(tries(count), 0))).toEqual([0, 0, 1000, 2000, 8000, 60_000]);
  expect(waitMs(tries(8), 7999)).toBe(1);
  expect(waitMs(tries(20), 15 * 60_000 + 20)).toBe(0);
});

test("a password is told from others, salted, and never kept as it is", async () => {
  const [one, two] = await Promise.all([hashPassword("Ferry steps, nine 🌿"), hashPassword("Ferry steps, nine 🌿")]);
  expect(one).not.toBe(two);
  expect(one).not.toContain("Ferry");
  expect(one.length).toBeLessThanOrEqual(255);
  expect(await passwordIs("Ferry steps, nine 🌿", one)).toBe(true);
  for (const wrong of ["", "Ferry steps, nine", "ferry steps, nine 🌿"])
    expect(await passwordIs(wrong, one)).toBe(false);
});

test("a tap happened as long ago as the device kept it, whatever year its clock is in", () => {
  const now = Date.UTC(2026, 10, 25, 12);
  for (const offMs of [0, 365 * 86_400_000, -400 * 86_400_000]) {
    expect(happenedAt(now, now + offMs - 90_000, now + offMs).getTime()).toBe(now - 90_000);
  }
  expect(happenedAt(now, now - 90_000, undefined).getTime()).toBe(now);
  // A clock that was set between the tap and its sending says nothing.
  expect(happenedAt(now, now, now - 1000).getTime()).toBe(now);
  expect(happenedAt(now, now - 300 * 86_400_000, now).getTime()).toBe(now);
});

test("tries are counted by the address the server saw: this machine, an IPv4 address, an IPv6 network", () => {
  const from = (address: string) =>
    addressOf(new Headers({ "x-infusing-address": address, "x-forwarded-for": "10.9.9.9" }));
  expect(["127.0.0.1", "127.8.0.1", "::1", ""].map(from)).toEqual(["here", "here", "here", "here"]);
  expect(from("192.168.1.7")).toBe("192.168.1.7");
  // Whoever has one address of such a network has them all.
  expect(from("fd00:1:2:3:aaaa::1")).toBe(from("fd00:1:2:3:bbbb::2"));
  expect(from("fd00:1:2:3::1%eth0")).not.toBe(from("fd00:1:2:4::1"));
});
