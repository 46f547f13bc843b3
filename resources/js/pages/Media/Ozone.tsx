import { Box, chakra, useToken } from '@chakra-ui/react';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { MediaTabs } from '../../media/MediaTabs';
import { type OzoneRun, type OzoneSettings } from '../../media/types';
import { Frame } from '../../frame/Frame';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useDraft } from '../../lib/useDraft';
import { CheckField } from '../../parts/CheckField';
import { FieldGrid } from '../../parts/FieldGroup';
import { SvgText } from '../../parts/SvgText';
import { TextField } from '../../parts/TextField';
import { useWidth } from '../../tide/useWidth';

interface Props {
    frame: SystemFrame;
    settings: OzoneSettings;
}

export default function Ozone({ frame, settings: usual }: Props) {
    const [settings, setSettings] = useState(usual);
    const { answer, current } = useDraft<{ view: OzoneRun | null; problems: Record<string, string> }>(
        `/systems/${frame.id}/media/ozone/preview`,
        settings,
    );
    const problems = answer?.ok === true ? answer.result.problems : {};
    const run = answer?.ok === true ? answer.result.view : null;
    const text = (key: 'onBelow' | 'offAt' | 'from' | 'hours' | 'output', label: string, unit: string) => (
        <TextField
            label={label}
            unit={unit}
            inputMode="decimal"
            value={settings[key]}
            error={problems[key]}
            onText={(value) => setSettings({ ...settings, [key]: value })}
        />
    );
    const check = (key: 'hasProbe' | 'hasRatedSkimmer' | 'cleansExhaust', label: string) => (
        <CheckField label={label} checked={settings[key]} onCheck={(is) => setSettings({ ...settings, [key]: is })} />
    );
    return (
        <Frame title="Ozone" area="Media" frame={frame}>
            <chakra.h1 srOnly>Ozone</chakra.h1>
            <MediaTabs systemId={frame.id} tab="Ozone" />
            <Box maxWidth="46rem" mb="3" borderLeftWidth="3px" borderColor="fault" pl="3">
                <chakra.h2 fontSize="lg">Ozone in the room harms people</chakra.h2>
                <p>
                    When you smell it, switch it off and air the room. Never run it without a probe that ends it. Follow
                    its maker and local code; what stands here is practice, not a licence.
                </p>
            </Box>
            <Box display="grid" gap="6" gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: '300px minmax(0, 1fr)' }}>
                <Box display="grid" gap="3" alignContent="start">
                    {check('hasProbe', 'An ORP probe ends it, cleaned and calibrated')}
                    {check('hasRatedSkimmer', 'It goes into a skimmer rated for ozone')}
                    {check('cleansExhaust', 'The exhaust goes over carbon, or is drawn in again')}
                    <FieldGrid columns={2}>
                        {text('onBelow', 'On below', 'mV')}
                        {text('offAt', 'Off at', 'mV')}
                        {text('from', 'From hour', 'h')}
                        {text('hours', 'For', 'h')}
                    </FieldGrid>
                    {text('output', 'Output', 'mg/h')}
                    <chakra.p fontSize="sm" color="quiet">
                        Common practice: on below 400 mV, off at 410 to 415 mV, some hours at night, at the lowest
                        output that works.
                    </chakra.p>
                </Box>
                <Box as="section" aria-label="The controller, tried" aria-busy={!current}>
                    <chakra.h2 fontSize="md" mb="1">
                        Tried on a make-believe tank of this size
                    </chakra.h2>
                    <Box aria-live="polite" mb="2">
                        {problems['ozone'] !== undefined && (
                            <chakra.p color="fault" fontWeight="600">
                                Not run: {problems['ozone']}
                            </chakra.p>
                        )}
                        {run !== null && (
                            <p>
                                In two days it ran {figure(run.minutes, 0)} minutes; ORP rose to{' '}
                                {figure(run.highest, 0)} mV.{' '}
                                {run.highest < run.onBelow &&
                                    'It never came to where it switches off: the window or the output is small, which is no fault.'}
                            </p>
                        )}
                    </Box>
                    {run !== null && <Curve run={run} />}
                </Box>
            </Box>
        </Frame>
    );
}

const HEIGHT = 240;

/** ORP over two days, with the time in which ozone runs below. */
function Curve({ run }: { run: OzoneRun }) {
    const [box, width] = useWidth();
    const [ink, deep, hairline, caution] = useToken('colors', ['ink', 'deep', 'hairline', 'caution']) as [
        string,
        string,
        string,
        string,
    ];
    const [left, right] = [40, Math.max(41, width - 8)];
    const x = scaleLinear().domain([0, 2880]).range([left, right]);
    const levels = run.series.map(([, orp]) => orp);
    const y = scaleLinear()
        .domain([Math.min(300, ...levels), Math.max(run.offAt + 10, ...levels)])
        .nice(4)
        .range([HEIGHT - 36, 10]);
    return (
        <Box ref={box} minH={`${HEIGHT}px`}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={`ORP over two days, up to ${run.highest} mV; ozone ran ${run.minutes} minutes`}
                    style={{ display: 'block' }}
                >
                    {y.ticks(4).map((tick) => (
                        <g key={tick}>
                            <path d={`M${left} ${y(tick)}H${right}`} stroke={hairline} />
                            <SvgText x={left - 6} y={y(tick) + 4} anchor="end" colour="quiet" figures>
                                {`${tick}`}
                            </SvgText>
                        </g>
                    ))}
                    {[run.onBelow, run.offAt].map((at) => (
                        <path key={at} d={`M${left} ${y(at)}H${right}`} stroke={caution} strokeDasharray="5 3" />
                    ))}
                    <path
                        d={
                            line<OzoneRun['series'][number]>(
                                ([minute]) => x(minute),
                                ([, orp]) => y(orp),
                            )(run.series) ?? ''
                        }
                        fill="none"
                        stroke={deep}
                        strokeWidth="2"
                    />
                    {run.series.map(
                        ([minute, , isOn]) =>
                            isOn && (
                                <rect
                                    key={minute}
                                    x={x(minute)}
                                    y={HEIGHT - 32}
                                    width={x(5) - x(0) + 0.5}
                                    height={8}
                                    fill={ink}
                                />
                            ),
                    )}
                    {[0, 12, 24, 36, 48].map((hour) => (
                        <SvgText
                            key={hour}
                            x={Math.min(right - 20, Math.max(left + 10, x(hour * 60)))}
                            y={HEIGHT - 6}
                            anchor="middle"
                            colour="quiet"
                            figures
                        >
                            {`${hour % 24} h`}
                        </SvgText>
                    ))}
                </svg>
            )}
        </Box>
    );
}
