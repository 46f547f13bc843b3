import { describe, expect, it } from 'vitest';
import { means } from './useCharacter';

const plain = { ctrlKey: false, metaKey: false, altKey: false };

describe('a character that is meant', () => {
    it('is what the layout writes, with AltGr too', () => {
        expect(means({ ...plain, key: '[' }, '[')).toBe(true);
        // On a German layout: AltGr and 8.
        expect(means({ ...plain, key: '[', ctrlKey: true, altKey: true }, '[')).toBe(true);
        expect(means({ ...plain, key: '?' }, '?')).toBe(true);
        expect(means({ ...plain, key: 'L' }, 'l')).toBe(true);
    });

    it('is not what lies at its place elsewhere, nor a command', () => {
        expect(means({ ...plain, key: 'ü' }, '[')).toBe(false);
        expect(means({ ...plain, key: 'u', ctrlKey: true }, 'u')).toBe(false);
        expect(means({ ...plain, key: 'l', metaKey: true }, 'l')).toBe(false);
    });
});
