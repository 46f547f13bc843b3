import { useEffect, useRef } from 'react';

const TYPING = 'input, textarea, select, [contenteditable=true]';

/** Whether a press means that character: by what the keeper's own layout writes, and not by where the key lies. */
export function means(
    event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey'>,
    character: string,
): boolean {
    // Many layouts write a bracket with a key that tells as Ctrl and Alt together.
    const isCommand = event.metaKey || (event.ctrlKey && !event.altKey);
    return !isCommand && event.key.toLowerCase() === character;
}

/** Does something where a character is typed outside of a field. */
export function useCharacter(character: string, act: () => void) {
    const latest = useRef(act);
    useEffect(() => {
        latest.current = act;
    });
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const isTyping = event.target instanceof Element && event.target.closest(TYPING) !== null;
            if (!event.defaultPrevented && !event.repeat && !isTyping && means(event, character)) {
                event.preventDefault();
                latest.current();
            }
        };
        document.addEventListener('keydown', press);
        return () => document.removeEventListener('keydown', press);
    }, [character]);
}
