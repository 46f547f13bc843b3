import { Box, chakra } from '@chakra-ui/react';
import { figure, useUnits } from '../lib/figures';
import { type Finding } from '../lib/page';
import { PinnedFindings } from '../parts/PinnedFindings';
import { Input } from './Input';
import { type Catalogue, type Review } from './types';

interface Props {
    review: Review;
    pins: Map<Finding, number>;
    stale: boolean;
    catalogue: Catalogue;
    titleOf: (id: string) => string;
    /** Why a stage is left out, by stage. */
    without: Record<string, string>;
    onWithout: (stage: string, why: string) => void;
    onPick: (id: string) => void;
}

/** The reading column of a path: the three stages, then what a reviewer would say, numbered as pinned on the path. */
export function ReviewColumn({ review, pins, stale, catalogue, titleOf, without, onWithout, onPick }: Props) {
    const { show } = useUnits();
    return (
        <Box>
            <chakra.h2 fontSize="lg">Review</chakra.h2>
            <PinnedFindings
                findings={review.findings}
                pins={pins}
                stale={stale}
                summary={[
                    review.flowLitresPerHour === null ? 'flow not given' : show(review.flowLitresPerHour, 'flow'),
                    show(review.workingLitres, 'volume'),
                ]}
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
            >
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
                                    {review.lacking[stage.key] !== undefined && `: ${review.lacking[stage.key]}`}
                                    {(items.length === 0 || review.lacking[stage.key] !== undefined) && (
                                        <Input
                                            aria-label={`${stage.label}: left out because`}
                                            placeholder="left out because…"
                                            value={without[stage.key] ?? ''}
                                            onText={(why) => onWithout(stage.key, why)}
                                            maxLength={200}
                                            minH={{ base: '44px', md: '28px' }}
                                        />
                                    )}
                                </dd>
                            </Box>
                        );
                    })}
                </chakra.dl>
            </PinnedFindings>
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
