import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { figure } from '../../lib/figures';
import { useMoney } from '../../lib/money';
import { type SystemFrame } from '../../lib/page';

interface Way {
    name: string;
    /** A year. */
    minutes: number;
    /** A year; null where something is missing. */
    cost: number | null;
    missing: string;
}

export interface Costs {
    /** Tables of ways, each with its title. */
    ways: { title: string; ways: Way[] }[];
    /** What media bind for one unit of money at the level of the water. */
    media: {
        title: string;
        /** What is missing to compare them; empty where nothing is. */
        missing: string;
        head: string;
        what: string;
        rows: { name: string; mg: number | null }[];
    };
    power: { items: { name: string; watts: number; hours: number; cost: number }[]; price: number } | null;
}

/** Ways to filter next to each other: minutes and money a year on this tank. */
export default function Show({ frame, costs }: { frame: SystemFrame; costs: Costs }) {
    const money = useMoney();
    const { power, media } = costs;
    return (
        <Frame title="Costs" area="Care" frame={frame}>
            <chakra.p fontSize="sm" _print={{ display: 'none' }}>
                <Link href={`/systems/${frame.id}/care`}>Back to today</Link>
            </chakra.p>
            <chakra.h1 fontSize="2xl">Costs in a year</chakra.h1>
            <chakra.p color="quiet" mb="3">
                Prices and minutes are <Link href={`/systems/${frame.id}/assumptions`}>assumptions</Link>; a price in
                your <Link href={`/systems/${frame.id}/care/stock`}>stock</Link> takes their place.
            </chakra.p>
            <Box display="grid" gap="6" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }}>
                {costs.ways.map(({ title, ways }) => (
                    <Ways key={title} title={title} ways={ways} />
                ))}
                <section>
                    <chakra.h2 fontSize="lg">{media.title}</chakra.h2>
                    {media.missing !== '' ? (
                        <p>{media.missing}</p>
                    ) : (
                        <Table
                            head={[media.head, `${media.what} ${money(1)}`]}
                            rows={media.rows.map((one) => [one.name, one.mg === null ? 'no price' : figure(one.mg)])}
                        />
                    )}
                </section>
                <section>
                    <chakra.h2 fontSize="lg">Power</chakra.h2>
                    {power === null ? (
                        <p>Describe the path first, so that Ithys knows what is plugged in.</p>
                    ) : (
                        <Table
                            head={[`At ${money(power.price, 2)} a kWh`, 'W', 'kWh a year', 'a year']}
                            rows={power.items.map((one) => [
                                one.name,
                                figure(one.watts),
                                figure(one.hours, 0),
                                money(one.cost),
                            ])}
                        />
                    )}
                </section>
            </Box>
        </Frame>
    );
}

function Ways({ title, ways }: { title: string; ways: Way[] }) {
    const money = useMoney();
    return (
        <section>
            <chakra.h2 fontSize="lg">{title}</chakra.h2>
            <Table
                head={['', 'hours a year', 'a year']}
                rows={ways.map((one) => [
                    one.missing === '' ? one.name : `${one.name}. ${one.missing}`,
                    figure(one.minutes / 60, 0),
                    one.cost === null ? 'not known' : money(one.cost),
                ])}
            />
        </section>
    );
}

function Table({ head, rows }: { head: string[]; rows: string[][] }) {
    return (
        <chakra.table width="100%" fontSize="sm">
            <thead>
                <chakra.tr borderBottomWidth="1px">
                    {head.map((text, n) => (
                        <chakra.th
                            key={n}
                            scope="col"
                            textAlign={n === 0 ? 'left' : 'right'}
                            fontWeight="400"
                            color="quiet"
                            width={n === 0 ? undefined : '7rem'}
                        >
                            {text === '' ? <chakra.span srOnly>Way</chakra.span> : text}
                        </chakra.th>
                    ))}
                </chakra.tr>
            </thead>
            <tbody>
                {rows.map(([name, ...cells]) => (
                    <chakra.tr key={name} borderBottomWidth="1px">
                        <chakra.th scope="row" textAlign="left" fontWeight="400" py="1">
                            {name}
                        </chakra.th>
                        {cells.map((cell, n) => (
                            <chakra.td key={n} textAlign="right" fontFamily="figure" ps="2" whiteSpace="nowrap">
                                {cell}
                            </chakra.td>
                        ))}
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}
