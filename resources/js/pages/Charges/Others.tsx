import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { type ReactNode } from 'react';
import { ChargesTabs } from '../../charges/ChargesTabs';
import { type OthersView } from '../../charges/types';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';

interface Props {
    frame: SystemFrame;
    view: OthersView;
}

export default function Others({ frame, view }: Props) {
    const dates = useDates();
    const { zeolite, biological, lanthanum } = view;
    return (
        <Frame title="Other doses" area="Charges" frame={frame}>
            <chakra.h1 srOnly>Zeolite, biological media and lanthanum</chakra.h1>
            <ChargesTabs systemId={frame.id} tab="Other doses" />
            <Part title="Zeolite, by flow">
                <p>
                    <b>{zeolite.first}</b>{' '}
                    {!zeolite.isFresh && (
                        <>
                            Press L and write, for example, <chakra.code>{zeolite.line}</chakra.code>.
                        </>
                    )}
                </p>
                <p>
                    {zeolite.grams === null ? '' : `${zeolite.grams}: `}
                    {zeolite.assumes}{' '}
                    {zeolite.flow === null && 'The flow past it is not known; a faster path takes less. '}
                    <Link href={`/systems/${frame.id}/charges/dose?${zeolite.dose}`}>Dose it</Link>
                </p>
                <chakra.p color="caution">
                    Caution: only aquarium zeolite. Industrial and cat-litter grades shed dust and metals.
                </chakra.p>
            </Part>
            <Part title="Biological media, by thirds">
                <p>
                    {biological.says}{' '}
                    {biological.last !== null &&
                        `Last renewed ${dates.day(biological.last)}, ${figure(biological.lately, 0)} % lately.`}{' '}
                    {!biological.mayRenew && biological.next !== null && `Next: ${dates.day(biological.next)}.`}
                </p>
                <p>A third every six months makes eighteen months for all: common practice.</p>
                <Button
                    disabled={!biological.mayRenew}
                    onClick={() =>
                        router.post(`/systems/${frame.id}/journal`, { line: biological.line }, { preserveScroll: true })
                    }
                >
                    A third is renewed
                </Button>
            </Part>
            <Part title="Lanthanum, the last resort">
                <chakra.p color="caution">
                    Caution: it clouds the water and can kill fish. Only by those who know it: dilute it, drip it slowly
                    into a fine sock, and stop when fish breathe fast. Food, socks, water and GFO come first.
                </chakra.p>
                {lanthanum.refused !== null && <p>{lanthanum.refused}</p>}
                {lanthanum.plan !== null && (
                    <p>
                        Phosphate stands at {lanthanum.stands}. To bring it to 0.05 ppm: {lanthanum.plan.all} mg of
                        lanthanum in all, no faster than {lanthanum.plan.aDay} mg a day over {lanthanum.plan.days} days,
                        so that it falls by no more than {lanthanum.limit} a week. Read phosphate every other day.
                    </p>
                )}
            </Part>
        </Frame>
    );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <Box
            as="section"
            borderTopWidth="1.5px"
            pt="2"
            mb="6"
            maxWidth="46rem"
            display="grid"
            gap="2"
            justifyItems="start"
        >
            <chakra.h2 fontSize="lg">{title}</chakra.h2>
            {children}
        </Box>
    );
}
