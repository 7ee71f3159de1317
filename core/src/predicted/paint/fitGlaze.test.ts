import { flatSpectrum } from '../../light/colour/spectrum';
import { colourDifference } from '../../light/colour/colourDifference';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { practicePots } from '../../answers/sheet/practicePots';
import { fitGlaze, type GlazeReading } from './fitGlaze';
import { opticsOf } from './opticsOfPot';
import { opticsOfTwoColours } from './opticsOfTwoColours';

const grounds = [flatSpectrum(0.04), flatSpectrum(0.9), reflectanceFromHex('#5e8f3e')];
const white = flatSpectrum(1);
const pots = practicePots(35, 0).flatMap((pot) => pot ?? []);

test('a paint seen thick and as one film over white looks so again', () => {
  expect.hasAssertions();
  for (const pot of pots) {
    const optics = opticsOf(pot);
    const thick = masstoneOf(optics);
    const overWhite = filmOver(white, optics, 1);
    const found = opticsOfTwoColours(thick, overWhite);
    const apart = (films: number) =>
      colourDifference(
        surfaceColour(filmOver(white, found, films)),
        surfaceColour(filmOver(white, optics, films)),
      );
    expect(colourDifference(surfaceColour(masstoneOf(found)), surfaceColour(thick))).toBeLessThan(
      0.01,
    );
    expect(apart(1)).toBeLessThan(0.01);
    expect(apart(0.2)).toBeLessThan(0.6);
  }
});

const readingsOf = (pot: (typeof pots)[number], film: number): GlazeReading[] => {
  const optics = opticsOf(pot);
  return grounds.flatMap((ground) =>
    [0, 1, 2, 3, 4, 5].map((passes): GlazeReading => {
      const { value, a, b } = surfaceColour(
        filmOver(ground, optics, passes === 0 ? 1 : passes * film),
      );
      return { ground, passes, lab: [value, a, b] };
    }),
  );
};

test.each([0.6, 1, 1.6])(
  'a hand whose film is %p of the usual one is found, and the thin colour',
  (hand) => {
    expect.hasAssertions();
    const assumed = 0.12;
    for (const pot of pots.slice(0, 8)) {
      const fit = fitGlaze(readingsOf(pot, hand * assumed), assumed);
      const overWhite = surfaceColour(filmOver(white, opticsOf(pot), 1));
      expect(Math.abs(Math.log(fit.film / hand))).toBeLessThan(0.2);
      expect(
        colourDifference(surfaceColour(reflectanceFromHex(fit.overWhite)), overWhite),
      ).toBeLessThan(2.5);
      expect(fit.misfit).toBeLessThan(3);
    }
  },
);

test('too few readings are refused', () => {
  const readings = readingsOf(pots[0], 0.1);
  expect(() => fitGlaze(readings.slice(0, 6), 0.1)).toThrow(/two grounds/);
  expect(() =>
    fitGlaze(
      readings.filter(({ passes }) => passes > 0),
      0.1,
    ),
  ).toThrow(/neat coat/);
});
