import { useMemo } from 'react';
import { now } from './clock';
import { useShared } from './page';

const DAY = 86_400;

/** Formats moments, seconds since 1970, in the keeper's zone. */
export function useDates() {
    const zone = useShared().keeper?.zone ?? 'UTC';
    return useMemo(() => {
        const format = (options: Intl.DateTimeFormatOptions) => {
            const formatter = new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options });
            return (t: number) => formatter.format(new Date(t * 1000));
        };
        const dayMonth = format({ day: 'numeric', month: 'long' });
        const year = format({ year: 'numeric' });
        const isoDay = new Intl.DateTimeFormat('en-CA', {
            timeZone: zone,
            year: 'numeric',
            month: '2-digit',
            day: '2-digit',
        });
        /** Days of the keeper's calendar, counted from one that does not matter. */
        const iso = (t: number) => isoDay.format(new Date(t * 1000));
        const dayNumber = (t: number) => Date.parse(iso(t)) / 1000 / DAY;
        return {
            /** The keeper's own day, as 2026-03-04. */
            iso,
            today: () => iso(now()),
            short: format({ day: 'numeric', month: 'short' }),
            month: format({ month: 'short' }),
            year,
            day: (t: number) => (year(t) === year(now()) ? dayMonth(t) : `${dayMonth(t)} ${year(t)}`),
            moment: format({
                weekday: 'short',
                day: 'numeric',
                month: 'short',
                year: 'numeric',
                hour: '2-digit',
                minute: '2-digit',
            }),
            ago: (t: number) => {
                const days = dayNumber(now()) - dayNumber(t);
                return days <= 0 ? 'today' : days === 1 ? 'yesterday' : days < 60 ? `${days} days ago` : '';
            },
        };
    }, [zone]);
}
