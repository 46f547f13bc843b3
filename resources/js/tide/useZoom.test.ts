import { describe, expect, it } from 'vitest';
import { within } from './useZoom';

const DAY = 86_400;

describe('a part of a time', () => {
    it('stays within its ends', () => {
        expect(within([-10 * DAY, 10 * DAY], [0, 100 * DAY])).toEqual([0, 20 * DAY]);
        expect(within([90 * DAY, 110 * DAY], [0, 100 * DAY])).toEqual([80 * DAY, 100 * DAY]);
        expect(within([40 * DAY, 60 * DAY], [0, 100 * DAY])).toEqual([40 * DAY, 60 * DAY]);
    });

    it('is no shorter than three days, and all of it is no part', () => {
        expect(within([40 * DAY, 41 * DAY], [0, 100 * DAY])).toEqual([40 * DAY, 43 * DAY]);
        expect(within([-1, 101 * DAY], [0, 100 * DAY])).toBeNull();
        expect(within([0, DAY], [0, 2 * DAY])).toBeNull();
    });
});
