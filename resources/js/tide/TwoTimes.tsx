import { chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { now } from '../lib/clock';
import { useDates } from '../lib/dates';
import { useShared } from '../lib/page';
import { Button } from '../parts/Button';

type Part = [number, number];

interface TwoTimes {
    /** The part that is brushed already. */
    first: Part | null;
    /** Takes the next part; null while nothing is compared. */
    onPart: ((part: Part) => void) | null;
    turn: () => void;
}

/** Two parts of the chart, brushed in either order, that are compared: why did the nutrient on an axis change? */
export function useTwoTimes(systemId: number, axes: readonly string[]): TwoTimes {
    const dates = useDates();
    const { parameters } = useShared();
    const [brushed, setBrushed] = useState<Part[] | null>(null);
    const first = brushed?.[0] ?? null;
    const turn = () => setBrushed(brushed === null ? [] : null);
    useEffect(() => {
        const leave = (event: KeyboardEvent) => event.key === 'Escape' && setBrushed(null);
        addEventListener('keydown', leave);
        return () => removeEventListener('keydown', leave);
    }, []);
    const onPart = (part: Part) => {
        // Days that lie ahead have no readings.
        const past: Part = [Math.min(part[0], now()), Math.min(part[1], now())];
        if (first === null) {
            setBrushed([past]);
            return;
        }
        const [before, since] = first[0] <= past[0] ? [first, past] : [past, first];
        setBrushed(null);
        router.get(`/systems/${systemId}/ledger/why`, {
            of: axes.find((key) => parameters.some((one) => one.key === key && one.side !== 'row')) ?? '',
            beforeFrom: dates.iso(before[0]),
            beforeTo: dates.iso(before[1]),
            sinceFrom: dates.iso(since[0]),
            sinceTo: dates.iso(since[1]),
        });
    };
    return { first, onPart: brushed === null ? null : onPart, turn };
}

/** What to do next while two times are brushed. */
export function TwoTimesLine({ systemId, times }: { systemId: number; times: TwoTimes }) {
    if (times.onPart === null) {
        return null;
    }
    return (
        <chakra.p role="status" mb="2" _print={{ display: 'none' }}>
            {times.first === null
                ? 'Why did it change? Drag across one time on the chart.'
                : 'Now drag across the other time.'}{' '}
            <Link href={`/systems/${systemId}/ledger/why`}>Type the days instead</Link>{' '}
            <Button look="plain" minH={{ base: '44px', md: '28px' }} onClick={times.turn}>
                Cancel
            </Button>
        </chakra.p>
    );
}
