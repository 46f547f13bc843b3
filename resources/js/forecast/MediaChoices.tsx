import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { useDraft } from '../lib/useDraft';
import { useMoney } from '../lib/money';
import { Button } from '../parts/Button';
import { useParameter } from '../tide/parameters';
import { type Levers } from './types';

interface Choices {
    /** What they bind, by its key. */
    parameter: string;
    /** Its level without any of them, in words. */
    none: string;
    /** Whether the amount is the one that was typed. */
    typed: boolean;
    rows: {
        medium: string;
        label: string;
        amount: string;
        cost: number;
        places: { place: string; says: string; levers: Partial<Levers>; doubt: string | null }[];
    }[];
    /** Media whose figures nobody gave. */
    unknown: string[];
}

interface Props {
    systemId: number;
    course: Levers;
    weeks: string;
    ago: number;
    onTry: (levers: Partial<Levers>) => void;
}

/** Which medium, and in a reactor or a bag? Worked out when it is opened. */
export function MediaChoices(props: Props) {
    const [open, setOpen] = useState(false);
    return (
        <chakra.details mb="3" onToggle={(event) => setOpen(event.currentTarget.open)}>
            <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }} fontWeight="600">
                Compare media: reactor or bag
            </chakra.summary>
            {open && <Compared {...props} />}
        </chakra.details>
    );
}

function Compared({ systemId, course, weeks, ago, onTry }: Props) {
    const money = useMoney();
    const { answer, current } = useDraft<{ view: Choices | null }>(`/systems/${systemId}/forecast/media/preview`, {
        levers: course,
        weeks: Number(weeks),
        ago,
    });
    const named = useParameter();
    const view = answer?.ok === true ? answer.result.view : null;
    if (view === null) {
        return (
            <chakra.p role="status" color="quiet">
                {answer === null ? 'Calculating each of them.' : 'Correct the settings first.'}
            </chakra.p>
        );
    }
    return (
        <Box aria-busy={!current}>
            <chakra.p fontSize="sm" mb="2">
                {`In ${weeks} weeks without it: ${named(view.parameter).name} ${view.none}.`}{' '}
                {view.typed ? 'Of each the amount that you typed' : 'Of each what keepers use for this water'}, put in
                once.
            </chakra.p>
            <Box overflowX="auto" tabIndex={0} role="region" aria-label="Media compared">
                <chakra.table fontSize="sm" width="100%" minWidth="34rem">
                    <thead>
                        <chakra.tr textAlign="left" borderBottomWidth="1.5px" color="quiet">
                            <chakra.th scope="col" fontWeight="400">
                                Medium
                            </chakra.th>
                            <chakra.th scope="col" fontWeight="400" textAlign="right" pr="3">
                                Amount
                            </chakra.th>
                            {view.rows[0]?.places.map(({ place }) => (
                                <chakra.th key={place} scope="col" fontWeight="400">
                                    {named(view.parameter).name}, {place}
                                </chakra.th>
                            ))}
                            <chakra.th scope="col" fontWeight="400" textAlign="right">
                                Cost
                            </chakra.th>
                        </chakra.tr>
                    </thead>
                    <tbody>
                        {view.rows.map((row) => (
                            <chakra.tr key={row.medium} borderBottomWidth="1px" verticalAlign="top">
                                <chakra.th scope="row" textAlign="left" fontWeight="400" py="1">
                                    {row.label}
                                </chakra.th>
                                <chakra.td textAlign="right" fontFamily="figure" pr="3" py="1">
                                    {row.amount}
                                </chakra.td>
                                {row.places.map((one) => (
                                    <chakra.td key={one.place} py="1" pr="2">
                                        {one.says}{' '}
                                        <Button
                                            look="plain"
                                            minH={{ base: '44px', md: '24px' }}
                                            px="1"
                                            aria-label={`Try ${row.label} in a ${one.place}`}
                                            onClick={() => onTry(one.levers)}
                                        >
                                            Try
                                        </Button>
                                        {one.doubt !== null && (
                                            <chakra.p color="caution" fontSize="xs">
                                                {one.doubt}
                                            </chakra.p>
                                        )}
                                    </chakra.td>
                                ))}
                                <chakra.td textAlign="right" fontFamily="figure" py="1">
                                    {money(row.cost)}
                                </chakra.td>
                            </chakra.tr>
                        ))}
                    </tbody>
                </chakra.table>
            </Box>
            {view.unknown.length > 0 && (
                <chakra.p fontSize="sm" color="quiet" mt="1">
                    Not compared, because its figures are not set: {view.unknown.join(', ').toLowerCase()}.
                </chakra.p>
            )}
        </Box>
    );
}
