import fc from 'fast-check';
import { bareOf, isWholeJpeg, readJpeg } from './index.ts';
import { bareJpeg, exif } from './testJpeg.ts';

const photo = bareJpeg({ width: 1600, height: 1200 });

it('tells the size of a whole picture', () => {
  expect(readJpeg(photo)).toEqual({ width: 1600, height: 1200 });
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 65_535 }), fc.integer({ min: 1, max: 65_535 }), (width, height) => {
      expect(readJpeg(bareJpeg({ width, height }))).toEqual({ width, height });
    }),
    { seed: 5 },
  );
});

it('says what it is not: another file, cut off anywhere, one that tells of place and device', () => {
  expect(readJpeg(new TextEncoder().encode('<svg onload="alert(1)"/>'))).toEqual({ fault: 'none' });
  expect(readJpeg(new Uint8Array(0))).toEqual({ fault: 'none' });
  for (let length = 4; length < photo.length; length += 1) {
    expect(readJpeg(photo.subarray(0, length))).toHaveProperty('fault');
    expect(isWholeJpeg(photo.subarray(0, length))).toBe(false);
  }
  expect(readJpeg(bareJpeg({ width: 3, height: 2, more: exif() }))).toEqual({ fault: 'place data' });
  expect(readJpeg(bareJpeg({ width: 0, height: 2 }))).toEqual({ fault: 'none' });
});

it('a camera’s own picture is whole with more behind its end, and is not by the small one before it', () => {
  const camera = bareJpeg({ width: 4000, height: 3000, more: exif(), after: [0, 0, 1, 2, 3] });
  expect(isWholeJpeg(camera)).toBe(true);
  expect(isWholeJpeg(camera.subarray(0, camera.length - 7))).toBe(false);
});

it('is the same picture without what was written about it', () => {
  const told = bareJpeg({ width: 40, height: 30, more: [...exif(), ...exif()] });
  expect(bareOf(told)).toEqual(bareJpeg({ width: 40, height: 30 }));
  expect(readJpeg(bareOf(told))).toEqual({ width: 40, height: 30 });
  expect(bareOf(photo)).toEqual(photo);
  expect(bareOf(Uint8Array.from([1, 2, 3]))).toEqual(Uint8Array.from([1, 2, 3]));
});

it('never throws, whatever bytes it is given', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), fc.boolean(), (noise, begun) => {
      const bytes = begun ? Uint8Array.from([0xff, 0xd8, 0xff, ...noise]) : noise;
      readJpeg(bytes);
      isWholeJpeg(bytes);
      bareOf(bytes);
    }),
    { seed: 6, numRuns: 3000 },
  );
});
