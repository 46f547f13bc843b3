import { router, usePage } from '@inertiajs/react';
import { useEffect, useState } from 'react';

/** Learns anew from the readings once something changed; the page stands with what was learned before meanwhile. */
export function useLearning(systemId: number, isCurrent: boolean): { learning: boolean; refused: string | undefined } {
    const { errors } = usePage().props;
    const [learning, setLearning] = useState(false);
    const refused = errors['fit'];
    const wanted = !isCurrent && refused === undefined;
    useEffect(() => {
        if (wanted) {
            router.post(
                `/systems/${systemId}/ledger/learn`,
                {},
                {
                    preserveScroll: true,
                    preserveState: true,
                    onStart: () => setLearning(true),
                    onFinish: () => setLearning(false),
                },
            );
        }
    }, [wanted, systemId]);
    return { learning, refused };
}
