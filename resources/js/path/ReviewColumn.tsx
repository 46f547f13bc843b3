import { Box, chakra } from '@chakra-ui/react';
import { figure, useUnits } from '../lib/figures';
import { type Finding } from '../lib/page';
import { FindingList } from '../parts/FindingList';
import { Pin } from '../parts/Pin';
import { Input } from './Input';
import { type Catalogue, type Review } from './types';

interface Props {
    review: Review;
    pins: Map<Finding, number>;
    stale: boolean;
    catalogue: Catalogue;
    titleOf: (id: string) => string;
    /** Why a stage is left out, by stage; null where the reasons cannot be changed. */
    without: Record<string, string> | null;
    onWithout: (stage: string, why: string) => void;
    onPick: (id: string) => void;
}

/** The reading column of a path: the three stages, then what a reviewer would say, numbered as pinned on the path. */
export function ReviewColumn({ review, pins, stale, catalogue, titleOf, without, onWithout, onPick }: Props) {
    const { show } = useUnits();
    const grave = review.findings.filter((finding) => pins.has(finding));
    const rest = review.findings.filter((finding) => !pins.has(finding));
    return (
        <Box>
            <chakra.h2 fontSize="lg">Review</chakra.h2>
            <Box
                fontSize="sm"
                color={stale ? 'caution' : 'quiet'}
                fontWeight={stale ? '600' : '400'}
                aria-live="polite"
                mb="2"
            >
                {stale
                    ? 'Of the path before the last change; something in it cannot be read yet.'
                    : [
                          grave.length === 0 ? 'nothing to mend' : `${grave.length} to look at`,
                          review.flowLitresPerHour === null ? 'flow not given' : show(review.flowLitresPerHour, 'flow'),
                          show(review.workingLitres, 'volume'),
                      ].join(' · ')}
            </Box>
            <chakra.dl fontSize="sm" borderTopWidth="1px" mb="3">
                {catalogue.stages.map((stage) => {
                    const items = review.stages[stage.key] ?? [];
                    return (
                        <Box
                            key={stage.key}
                            borderBottomWidth="1px"
                            py="1.5"
                            display="grid"
                            gridTemplateColumns="104px 1fr"
                            gap="2"
                        >
                            <chakra.dt fontWeight="600">{stage.label}</chakra.dt>
                            <dd>
                                {items.map(titleOf).join(', ')}
                                {items.length === 0 && without !== null && (
                                    <Input
                                        aria-label={`${stage.label}: left out because`}
                                        placeholder="left out because…"
                                        value={without[stage.key] ?? ''}
                                        onText={(why) => onWithout(stage.key, why)}
                                        maxLength={200}
                                        minH={{ base: '44px', md: '28px' }}
                                    />
                                )}
                                {items.length === 0 && without === null && '—'}
                            </dd>
                        </Box>
                    );
                })}
            </chakra.dl>
            <FindingList
                findings={grave}
                mark={(finding) => <Pin number={pins.get(finding) ?? 0} severity={finding.severity} />}
                title={(finding) =>
                    finding.at === null ? (
                        finding.title
                    ) : (
                        <chakra.button
                            type="button"
                            textAlign="left"
                            fontWeight="700"
                            cursor="pointer"
                            minH={{ base: '44px', md: '0' }}
                            _hover={{ color: 'deep', textDecoration: 'underline' }}
                            onClick={() => finding.at !== null && onPick(finding.at)}
                        >
                            {finding.title}
                        </chakra.button>
                    )
                }
            />
            {rest.length > 0 && (
                <chakra.details mt="4" borderTopWidth="1px" pt="2" open={grave.length === 0}>
                    <chakra.summary cursor="pointer" fontWeight="600" fontSize="sm" mb="2">
                        {rest.length} that {rest.length === 1 ? 'is' : 'are'} right or only worth knowing
                    </chakra.summary>
                    <FindingList findings={rest} />
                </chakra.details>
            )}
            <chakra.dl
                mt="4"
                borderTopWidth="1px"
                pt="2"
                fontSize="sm"
                display="grid"
                gridTemplateColumns="1fr auto"
                rowGap="1"
            >
                <dt>pumps</dt>
                <Figure>{review.sizing.pumps}</Figure>
                <dt>sockets, and spare</dt>
                <Figure>
                    {review.sizing.sockets} + {review.sizing.spareSockets}
                </Figure>
                <dt>power</dt>
                <Figure>{figure(review.sizing.watts, 0)} W</Figure>
                <dt>energy a year</dt>
                <Figure>{figure(review.sizing.kilowattHoursAYear, 0)} kWh</Figure>
            </chakra.dl>
            <chakra.p mt="3" fontSize="xs" color="quiet">
                Electricity near salt water: a drip loop on every cord, residual-current protection, sockets in the dry.
                Local code and a licensed electrician decide.
            </chakra.p>
        </Box>
    );
}

function Figure({ children }: { children: React.ReactNode }) {
    return (
        <chakra.dd fontFamily="figure" textAlign="right">
            {children}
        </chakra.dd>
    );
}
