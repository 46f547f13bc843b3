import { Box, chakra } from '@chakra-ui/react';
import { Frame } from '../../frame/Frame';
import { figure, useUnits } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useMoney } from '../../lib/money';
import { Button } from '../../parts/Button';
import { Glyph } from '../../parts/Glyph';
import { titleOf } from '../../path/edit';
import { NeedList } from '../../path/NeedList';
import { PathTabs } from '../../path/PathTabs';
import { type Catalogue, type Review, type TypedPath } from '../../path/types';

interface Props {
    frame: SystemFrame;
    mark: string;
    typed: TypedPath;
    catalogue: Catalogue;
    review: Review;
}

/** What to buy and provide for a path, to print and take along. */
export default function Parts({ frame, mark, typed, catalogue, review }: Props) {
    const { show } = useUnits();
    const money = useMoney();
    const kinds = new Map(catalogue.kinds.map((kind) => [kind.key, kind]));
    const { sizing } = review;
    const totals: [string, string][] = [
        ['pumps', String(sizing.pumps)],
        ['sockets on the path', String(sizing.sockets)],
        ['sockets for flow pumps, light and gadgets', `at least ${sizing.spareSockets}`],
        ['power with everything on', `${figure(sizing.watts, 0)} W`],
        ['energy a year', `${figure(sizing.kilowattHoursAYear, 0)} kWh`],
        [`cost of it at ${money(sizing.pricePerKilowattHour, 2)} a kWh`, money(sizing.costAYear, 2)],
    ];
    return (
        <Frame title="Parts list" area="Path" frame={frame}>
            <PathTabs systemId={frame.id} tab="Parts list" mark={mark} />
            <Box display="flex" alignItems="baseline" gap="4" flexWrap="wrap">
                <chakra.h1 fontSize="xl">Parts list: {typed.name}</chakra.h1>
                <Box color="quiet" fontSize="sm" flex="1">
                    {show(review.workingLitres, 'volume')} working volume ·{' '}
                    {review.flowLitresPerHour === null ? 'flow not given' : show(review.flowLitresPerHour, 'flow')}
                </Box>
                <Button onClick={() => window.print()} _print={{ display: 'none' }}>
                    Print
                </Button>
            </Box>
            <Box display="grid" gridTemplateColumns={{ base: '1fr', lg: '5fr 6fr' }} gap="8" mt="3">
                <section>
                    <chakra.h2 fontSize="md" mb="1">
                        On the path
                    </chakra.h2>
                    {typed.lines.map((line) => (
                        <Box key={line.id} mb="3">
                            {typed.lines.length > 1 && (
                                <Box fontSize="sm" color="quiet">
                                    {line.id === 'main'
                                        ? 'Main line'
                                        : line.name || (line.tank ? 'Further tank' : 'Branch')}
                                </Box>
                            )}
                            <chakra.ul listStyleType="none">
                                {line.items.map((item) => (
                                    <Box
                                        as="li"
                                        key={item.id}
                                        display="flex"
                                        gap="2"
                                        alignItems="center"
                                        borderTopWidth="1px"
                                        py="1"
                                        fontSize="sm"
                                    >
                                        <Box color="deep">
                                            <Glyph kind={item.kind} size={19} />
                                        </Box>
                                        <Box flex="1">
                                            <b>{titleOf(item, kinds)}</b>{' '}
                                            <Box as="span" color="quiet">
                                                {[
                                                    item.name !== '' && kinds.get(item.kind)?.label,
                                                    review.items[item.id]?.brief,
                                                ]
                                                    .filter(Boolean)
                                                    .join(', ')}
                                            </Box>
                                        </Box>
                                        <Box fontFamily="figure" color="quiet" whiteSpace="nowrap">
                                            {(review.items[item.id]?.watts ?? 0) > 0 &&
                                                `${figure(review.items[item.id]?.watts ?? 0, 0)} W`}
                                        </Box>
                                    </Box>
                                ))}
                            </chakra.ul>
                        </Box>
                    ))}
                    <chakra.dl fontSize="sm" borderTopWidth="1px">
                        {totals.map(([name, value]) => (
                            <Box
                                key={name}
                                display="flex"
                                justifyContent="space-between"
                                gap="4"
                                borderBottomWidth="1px"
                                py="1"
                            >
                                <dt>{name}</dt>
                                <chakra.dd fontFamily="figure" whiteSpace="nowrap">
                                    {value}
                                </chakra.dd>
                            </Box>
                        ))}
                    </chakra.dl>
                    <chakra.p fontSize="xs" color="quiet" mt="2">
                        Power you did not enter is a typical figure, an estimate. Water and electricity: a drip loop on
                        every cord, residual-current protection, sockets in the dry; follow local code and a licensed
                        electrician.
                    </chakra.p>
                </section>
                <section>
                    <chakra.h2 fontSize="md" mb="1">
                        To size and provide
                    </chakra.h2>
                    <NeedList needs={sizing.needs} />
                </section>
            </Box>
        </Frame>
    );
}
