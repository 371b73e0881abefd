/** A part signed with a safety line that is not known: it stands at its position, by name and with what settles it, until somebody settles it. */
import { css } from './css';
import { expect, test } from './test';
import { openPosition, stage, startSwap, take, proveAndSign } from './bench';

test('what was signed as not known stands at its position until it is settled', async ({ page }) => {
  await openPosition(page, 'ferrow-pump', /^K11 /);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  // From the catalogue: what lies on the shelf is left to the other tests.
  await take(page, page.locator(css('table.board thead th')).filter({ hasText: 'catalogue' }).locator(css('.pick')).first());
  await proveAndSign(page);
  await expect(page.getByRole('heading', { name: /K11 drainage A: / })).toBeVisible();
  await expect(page.getByText(/Signed as not known. Orla Fenwick: .* To be settled by:/)).toBeVisible();

  await page.goto('/?panel=ferrow-pump&position=ferrow-pump-k11');
  const points = page.getByRole('complementary').locator('.say.not-known');
  const point = points.filter({ hasText: /Conditional short-circuit current was signed as not known/ });
  await expect(point).toHaveCount(1);
  const before = await points.count();
  const settled = point.getByRole('button', { name: 'Settled' });
  await point.getByLabel(/^What was found/).fill('ok');
  await expect(settled).toBeDisabled();
  await point.getByLabel(/^What was found/).fill('9 kA by the fault study of the pump house');
  await settled.dblclick();
  await expect(points).toHaveCount(before - 1);
  await expect(page.getByText(/is known now: 9 kA by the fault study of the pump house \(Orla Fenwick\)/)).toHaveCount(1);
});
