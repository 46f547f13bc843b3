import { router } from '@inertiajs/react';
import { useEffect } from 'react';

const MILLISECONDS = 2500;

/** Asks for these props of the page again and again, while it is seen, until what works beside it is done. */
export function useAskAgain(isWanted: boolean, only: string[]) {
    const props = only.join(' ');
    useEffect(() => {
        if (!isWanted) {
            return;
        }
        const again = setInterval(() => {
            if (document.visibilityState === 'visible') {
                router.reload({ only: props.split(' ') });
            }
        }, MILLISECONDS);
        return () => clearInterval(again);
    }, [isWanted, props]);
}
