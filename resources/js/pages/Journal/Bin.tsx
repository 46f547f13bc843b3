import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { Link, router } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';

interface Props {
    frame: SystemFrame;
    /** Drafts, paths taken out of use, photos, trials, saved scenarios and items of the stock. */
    others: { text: string; t: number; restore: string }[];
    total: number;
    entries: { id: number; t: number; deleted: number | null; text: string }[];
}

export default function Bin({ frame, others, total, entries }: Props) {
    const dates = useDates();
    return (
        <Frame title="Bin" area="Journal" frame={frame}>
            <chakra.h1 fontSize="xl" mb="2">
                Bin of {frame.name}
            </chakra.h1>
            {others.map((other) => (
                <Box
                    key={other.restore}
                    display="flex"
                    alignItems="center"
                    gap="4"
                    maxWidth="54rem"
                    fontSize="sm"
                    borderBottomWidth="1px"
                >
                    <Box fontFamily="figure">{dates.moment(other.t)}</Box>
                    <Box flex="1">{other.text}</Box>
                    <Button
                        look="plain"
                        aria-label={`Restore ${other.text}`}
                        onClick={() => router.post(other.restore)}
                    >
                        Restore
                    </Button>
                </Box>
            ))}
            {entries.length === 0 && others.length > 0 ? null : entries.length === 0 ? (
                <p>
                    Nothing is in the bin. What you delete in the{' '}
                    <Link href={`/systems/${frame.id}/journal`}>journal</Link>, in trials, forecast, stock and photos
                    waits here.
                </p>
            ) : (
                <chakra.table width="100%" maxWidth="54rem" fontSize="sm">
                    <chakra.caption textAlign="left" color="quiet" pb="2">
                        {total > entries.length
                            ? `The latest ${entries.length} of ${figure(total)} entries`
                            : `${figure(total)} entries`}
                        , latest first
                    </chakra.caption>
                    <thead>
                        <chakra.tr borderBottomWidth="1.5px" textAlign="left">
                            <chakra.th scope="col">When</chakra.th>
                            <chakra.th scope="col">What</chakra.th>
                            <th scope="col">
                                <chakra.span srOnly>Restore</chakra.span>
                            </th>
                        </chakra.tr>
                    </thead>
                    <tbody>
                        {entries.map((entry) => (
                            <chakra.tr key={entry.id} borderBottomWidth="1px">
                                <chakra.td fontFamily="figure" pr="4">
                                    {dates.moment(entry.t)}
                                </chakra.td>
                                <td>{entry.text}</td>
                                <chakra.td textAlign="right">
                                    <Button
                                        look="plain"
                                        aria-label={`Restore ${entry.text}, ${dates.moment(entry.t)}`}
                                        onClick={() =>
                                            router.post(
                                                `/systems/${frame.id}/bin/${entry.id}/restore`,
                                                {},
                                                { preserveScroll: true },
                                            )
                                        }
                                    >
                                        Restore
                                    </Button>
                                </chakra.td>
                            </chakra.tr>
                        ))}
                    </tbody>
                </chakra.table>
            )}
        </Frame>
    );
}
