import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { useDates } from '../lib/dates';
import { figure } from '../lib/figures';
import { useMoney } from '../lib/money';
import { type Stock } from '../pages/Care/Stock';
import { Button } from '../parts/Button';
import { TextField } from '../parts/TextField';
import { StockForm } from './StockForm';

export interface Item {
    id: number;
    name: string;
    kind: string;
    what: string;
    size: string;
    place: string;
    unit: string;
    perPack: number;
    /** Of a pack. */
    price: number | null;
    opened: string | null;
    bestBefore: string | null;
    isStale: boolean;
    deliveryDays: number;
    tanks: { id: number; name: string }[];
    /** Null where it was never counted. */
    left: number | null;
    perWeek: number | null;
    /** What is missing or wrong; empty where all is known. */
    says: string;
    /** More was used than there was. */
    isWrong: boolean;
    /** When it is used up: likely, soonest, latest; null where it is not known. */
    ends: (number | null)[] | null;
    orderBy: number | null;
    isToOrder: boolean;
    packs: number;
    cost: number | null;
    /** Money a year; null where a price or a rate is missing. */
    yearly: number | null;
    mayCount: boolean;
    mayPlan: boolean;
}

/** One item: what is left of it, and how long that lasts. */
export function StockItem({ systemId, item, stock }: { systemId: number; item: Item; stock: Stock }) {
    const dates = useDates();
    const money = useMoney();
    const [amount, setAmount] = useState('');
    const [refused, setRefused] = useState<string>();
    const record = (what: string) =>
        router.post(
            `/systems/${systemId}/care/stock/${item.id}/${what}`,
            { amount },
            {
                preserveScroll: true,
                onError: (errors) => setRefused(errors['amount']),
                onSuccess: () => {
                    setAmount('');
                    setRefused(undefined);
                },
            },
        );
    const [likely, soonest, latest] = item.ends ?? [null, null, null];
    return (
        <chakra.li borderBottomWidth="1px" py="2">
            <Box
                display="grid"
                columnGap="3"
                gridTemplateColumns={{ base: '1fr auto', md: 'minmax(0, 1fr) 8rem 17rem' }}
                alignItems="baseline"
            >
                <Box>
                    <chakra.b>{item.name}</chakra.b>
                    {item.size !== '' && `, ${item.size}`}
                    <Box fontSize="sm" color="quiet">
                        {[
                            item.what,
                            item.place,
                            item.tanks.map(({ name }) => name).join(' and '),
                            item.perWeek === null ? '' : `about ${figure(item.perWeek)} ${item.unit} a week`,
                            item.yearly === null ? '' : `${money(item.yearly)} a year`,
                            item.opened === null ? '' : `opened ${item.opened}`,
                            item.bestBefore === null || item.isStale ? '' : `best before ${item.bestBefore}`,
                        ]
                            .filter((text) => text !== '')
                            .join(' · ')}
                    </Box>
                </Box>
                <Box fontFamily="figure" textAlign="right">
                    {item.left === null ? 'not counted' : `${figure(item.left)} ${item.unit}`}
                </Box>
                <Box
                    gridColumn={{ base: '1 / -1', md: 'auto' }}
                    color={item.isToOrder ? 'caution' : undefined}
                    fontSize={likely == null ? 'sm' : undefined}
                >
                    {likely == null
                        ? item.says
                        : `lasts to ${dates.short(likely)} (${soonest == null ? '' : dates.short(soonest)} to ${latest == null ? 'much later' : dates.short(latest)})`}
                </Box>
            </Box>
            {likely != null && item.says !== '' && (
                <chakra.p color={item.isWrong ? 'caution' : 'quiet'} fontSize="sm">
                    {item.says}
                </chakra.p>
            )}
            {item.isStale && (
                <chakra.p color="caution" fontSize="sm">
                    {`Best before ${item.bestBefore ?? ''}: test it against fresh stock, or throw it away.`}
                </chakra.p>
            )}
            {item.mayCount && (
                <chakra.details _print={{ display: 'none' }}>
                    <chakra.summary
                        cursor="pointer"
                        fontSize="sm"
                        lineHeight={{ base: '44px', md: '28px' }}
                        aria-label={`Count or change: ${item.name}`}
                    >
                        Count or change
                    </chakra.summary>
                    <chakra.form
                        aria-label={`Count: ${item.name}`}
                        display="flex"
                        flexWrap="wrap"
                        gap="2"
                        alignItems="end"
                        mt="1"
                        _print={{ display: 'none' }}
                        onSubmit={(event: SyntheticEvent) => {
                            event.preventDefault();
                            record('counted');
                        }}
                    >
                        <Box width="9rem">
                            <TextField
                                label={`Amount, ${item.unit}`}
                                inputMode="decimal"
                                value={amount}
                                error={refused}
                                onText={setAmount}
                            />
                        </Box>
                        <Button type="submit" minH={{ base: '44px', md: '32px' }} aria-label={`Counted: ${item.name}`}>
                            Counted
                        </Button>
                        <Button
                            minH={{ base: '44px', md: '32px' }}
                            aria-label={`Bought: ${item.name}`}
                            onClick={() => record('bought')}
                        >
                            Bought
                        </Button>
                        <Button
                            look="plain"
                            minH={{ base: '44px', md: '32px' }}
                            aria-label={`Thrown away: ${item.name}`}
                            onClick={() => record('binned')}
                        >
                            Thrown away
                        </Button>
                        {item.mayPlan && (
                            <Button
                                look="plain"
                                minH={{ base: '44px', md: '32px' }}
                                aria-label={`Move to the bin: ${item.name}`}
                                onClick={() =>
                                    router.delete(`/systems/${systemId}/care/stock/${item.id}`, {
                                        preserveScroll: true,
                                    })
                                }
                            >
                                Move to the bin
                            </Button>
                        )}
                    </chakra.form>
                    {item.mayPlan && <StockForm systemId={systemId} item={item} stock={stock} />}
                </chakra.details>
            )}
        </chakra.li>
    );
}
