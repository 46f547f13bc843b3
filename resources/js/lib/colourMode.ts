import { useSyncExternalStore } from 'react';

export type Look = 'light' | 'dark';

const KEY = 'ithys-look';
const listeners = new Set<() => void>();

function stored(): Look | null {
    try {
        const look = localStorage.getItem(KEY);
        return look === 'light' || look === 'dark' ? look : null;
    } catch {
        return null;
    }
}

function current(): Look {
    return stored() ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light');
}

/** Follows the device, as when it goes dark in the evening, while the keeper has chosen nothing else. */
export function followDevice(): void {
    matchMedia('(prefers-color-scheme: dark)').addEventListener('change', () => {
        applyLook();
        listeners.forEach((tell) => tell());
    });
}

/** Puts the keeper's choice, or else the device's, on the page; called before the first drawing. */
export function applyLook(): void {
    const look = current();
    document.documentElement.classList.toggle('dark', look === 'dark');
    document.documentElement.classList.toggle('light', look === 'light');
    document.documentElement.style.colorScheme = look;
}

export function setLook(look: Look): void {
    try {
        localStorage.setItem(KEY, look);
    } catch {
        // Without storage the choice lasts for this page only.
    }
    applyLook();
    listeners.forEach((tell) => tell());
}

export function useLook(): Look {
    return useSyncExternalStore(
        (tell) => {
            listeners.add(tell);
            return () => listeners.delete(tell);
        },
        () => (document.documentElement.classList.contains('dark') ? 'dark' : 'light'),
    );
}
