import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";
import { App } from "./app";

const demo = new App("demo");
const empty = new App("serve");
test.beforeAll(() => Promise.all([demo.start(), empty.start()]));
test.afterAll(() => Promise.all([demo.end(), empty.end()]));

const screens = [
  "/",
  "/log",
  "/rack",
  "/rack/s1121-3",
  "/weak-spots",
  "/partners",
  "/settings",
];
const text =
  "Standing. I pulled guard to half guard. He knee cut to side control. Wozzle the flibber.";

for (const mode of ["light", "dark"] as const) {
  for (const path of screens) {
    test(`${path} in ${mode} has no accessibility fault`, async ({
      browser,
    }) => {
      const context = await browser.newContext({
        colorScheme: mode,
        viewport: { width: 1280, height: 800 },
      });
      const page = await context.newPage();
      await page.goto(`${demo.url}/#${path}`);
      if (path === "/log") {
        await page.getByLabel("Tell the roll").fill(text);
        await expect(
          page.getByRole("button", { name: /knee cut/ }),
        ).toBeVisible();
      }
      await page.waitForLoadState("networkidle");
      await expect(page.locator("html")).toHaveAttribute("data-mode", mode);
      const found = await new AxeBuilder({ page }).analyze();
      expect(
        found.violations.map(
          (v) => `${v.id}: ${v.nodes.map((n) => n.target).join(", ")}`,
        ),
      ).toEqual([]);
      await context.close();
    });
  }
}

test("a notch being put right has no accessibility fault", async ({
  browser,
}) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${demo.url}/#/rack/s1121-3`);
  await page.getByRole("button", { name: /americana/ }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  const found = await new AxeBuilder({ page }).analyze();
  expect(
    found.violations.map(
      (v) => `${v.id}: ${v.nodes.map((n) => n.target).join(", ")}`,
    ),
  ).toEqual([]);
  await context.close();
});

for (const path of screens) {
  test(`${path} fits a phone, with targets large enough for a thumb`, async ({
    browser,
  }) => {
    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      hasTouch: true,
      isMobile: true,
    });
    const page = await context.newPage();
    await page.goto(`${demo.url}/#${path}`);
    if (path === "/log") await page.getByLabel("Tell the roll").fill(text);
    await page.waitForLoadState("networkidle");
    const wide = await page.evaluate(
      () => document.documentElement.scrollWidth,
    );
    expect(wide).toBeLessThanOrEqual(390);
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll<HTMLElement>(
          "button, select, input:not([type=checkbox]), nav a",
        ),
      ]
        .filter(
          (e) =>
            e.offsetParent !== null && e.getBoundingClientRect().height < 43.5,
        )
        .map((e) => e.outerHTML.slice(0, 90)),
    );
    expect(small).toEqual([]);
    await context.close();
  });
}

test("on a phone a roll is logged by touch", async ({ browser }) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  await page.goto(demo.url);
  await page.getByRole("link", { name: "Log a roll" }).tap();
  await page.getByLabel("Tell the roll").fill(text);
  await page.getByRole("button", { name: /They landed the knee cut/ }).tap();
  await page.getByRole("dialog").getByRole("button", { name: "Keep" }).tap();
  await page.getByRole("button", { name: "Save the roll" }).tap();
  await page.getByRole("button", { name: "See it on the rack" }).tap();
  await expect(
    page.getByRole("heading", { name: "With Someone" }),
  ).toBeVisible();
  await page.getByRole("link", { name: "Back to the rack" }).tap();
  await expect(page.getByRole("heading", { name: "Rack" })).toBeVisible();
  await context.close();
});

test("on a phone choosing a weak spot goes to its reasons", async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  await page.goto(`${demo.url}/#/weak-spots`);
  await page.getByRole("button", { name: /^2 / }).tap();
  await expect(
    page.getByRole("heading", { name: "Why number 2" }),
  ).toBeInViewport();
  await expect(
    page.getByRole("button", { name: "Drill this" }),
  ).toBeInViewport();
  await context.close();
});

test("with nothing logged every screen says what to do", async ({ page }) => {
  for (const [path, words] of [
    ["/", "Log your first roll."],
    ["/rack", "No rolls yet."],
    ["/weak-spots", "Nothing to rank yet."],
    ["/partners", "No partners yet."],
    ["/log", "For example:"],
  ] as const) {
    await page.goto(`${empty.url}/#${path}`);
    await expect(page.getByText(words)).toBeVisible();
  }
  await page.getByRole("button", { name: "Try it with this one" }).click();
  await expect(
    page.getByRole("button", { name: /They finished the americana/ }),
  ).toBeVisible();
});
