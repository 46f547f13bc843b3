import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { type Item, StockItem } from '../../care/StockItem';
import { StockForm } from '../../care/StockForm';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { useMoney } from '../../lib/money';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';

export interface Stock {
    items: Item[];
    kinds: { key: string; label: string; unit: string }[];
    /** Tanks whose stock may be planned. */
    tanks: { id: number; name: string }[];
}

/** What there is of what the tanks use up, how long it lasts, and what to order. */
export default function Show({ frame, stock }: { frame: SystemFrame; stock: Stock }) {
    const dates = useDates();
    const money = useMoney();
    const orders = stock.items
        .filter((one) => one.isToOrder)
        .sort((one, other) => (one.orderBy ?? 0) - (other.orderBy ?? 0));
    const unknown = stock.items.filter((one) => one.ends === null).length;
    const known = orders.filter((one) => one.cost !== null);
    const sum = known.reduce((all, one) => all + (one.cost ?? 0), 0);
    return (
        <Frame
            title="Stock"
            area="Care"
            frame={frame}
            aside={
                <Box>
                    <chakra.h2 fontSize="lg" mb="1">
                        To order
                    </chakra.h2>
                    {orders.length === 0 ? (
                        <p>
                            {unknown === 0
                                ? 'Nothing has to be ordered now.'
                                : `Ithys sees nothing to order. How long ${unknown === 1 ? 'one item lasts' : `${unknown} items last`} is not known.`}
                        </p>
                    ) : (
                        <>
                            <chakra.ul listStyleType="none">
                                {orders.map((one) => (
                                    <chakra.li key={one.id} borderBottomWidth="1px" py="1.5">
                                        <chakra.b>{one.name}</chakra.b>
                                        {one.size !== '' && `, ${one.size}`}
                                        <chakra.p fontSize="sm">
                                            {`${one.packs === 1 ? '1 pack' : `${one.packs} packs`}${one.cost === null ? '' : `, ${money(one.cost, 2)}`}${one.orderBy === null ? '' : `, order by ${dates.short(one.orderBy)}`}`}
                                        </chakra.p>
                                    </chakra.li>
                                ))}
                            </chakra.ul>
                            {known.length > 0 && (
                                <chakra.p mt="1">
                                    {`${money(sum, 2)} in all${known.length < orders.length ? ', without what has no price' : ''}`}
                                </chakra.p>
                            )}
                            <Box display="flex" gap="3" mt="2" alignItems="center" _print={{ display: 'none' }}>
                                <Button onClick={() => print()}>Print</Button>
                                <a href="/orders.csv" download>
                                    As CSV
                                </a>
                            </Box>
                        </>
                    )}
                </Box>
            }
        >
            <chakra.p fontSize="sm" _print={{ display: 'none' }}>
                <Link href={`/systems/${frame.id}/care`}>Back to today</Link>
            </chakra.p>
            <chakra.h1 fontSize="2xl">Stock</chakra.h1>
            {stock.items.length === 0 ? (
                <chakra.p my="2">
                    Nothing is in the stock yet. Add what you buy again and again: Ithys takes off what the journal says
                    you used, and says when to order.
                </chakra.p>
            ) : (
                <chakra.ul listStyleType="none" borderTopWidth="1px" mt="2" mb="4">
                    {stock.items.map((one) => (
                        <StockItem key={one.id} systemId={frame.id} item={one} stock={stock} />
                    ))}
                </chakra.ul>
            )}
            {stock.tanks.length > 0 && (
                <chakra.details open={stock.items.length === 0} _print={{ display: 'none' }}>
                    <chakra.summary cursor="pointer" fontSize="lg" fontWeight="700" minH={{ base: '44px', md: '28px' }}>
                        Add an item
                    </chakra.summary>
                    <StockForm systemId={frame.id} item={null} stock={stock} />
                </chakra.details>
            )}
        </Frame>
    );
}
