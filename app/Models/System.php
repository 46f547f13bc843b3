<?php

declare(strict_types=1);

namespace App\Models;

use App\Journal\Journal;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use Ithys\Assumption\Assumptions;
use Ithys\Assumption\Overlay;
use Ithys\Care\Plan;
use Ithys\Document\OverlayDocument;
use Ithys\Media\CarbonSchool;
use Ithys\System\Setup;
use Ithys\Target\TargetSchool;
use Ithys\Water\Tank;
use LogicException;

/**
 * One tank with its filtration, its design revisions and its journal.
 *
 * @property int $id
 * @property string $name
 * @property ?array<string, mixed> $room
 * @property ?array<string, array{value: float|int, reason: string}> $overlays  assumptions it has otherwise, by key
 * @property ?TargetSchool $target_school  whose levels it is held to
 * @property ?array{off?: list<int>, doers?: array<string, string>} $care_plan  weekdays without work, and who does what
 * @property ?CarbonSchool $carbon_school  how often its activated carbon is changed
 * @property int $tank_version
 * @property int $room_version
 * @property-read ?string $stamp  another whenever something changes that a tide sheet shows
 * @property-read ?SumpSection $section
 */
final class System extends Model
{
    /** @use HasFactory<\Database\Factories\SystemFactory> */
    use HasFactory, SoftDeletes;

    protected $fillable = ['name', 'room'];

    protected $attributes = ['tank_version' => 1, 'room_version' => 1];

    private ?Assumptions $assumptions = null;

    /** @var array{?string, array<string, string>} the stamp of the tank that those of its kinds were read with */
    private array $kindStamps = [null, []];

    /** @var array<string, Setup> what stands by revisions of tank, path and sump, worked out once */
    private array $setups = [];

    /** @var array<string, float> working volumes, litres, by the same */
    private array $litres = [];

    /** @var array<string, list<array{int, int}>> ids of revisions with the seconds they hold from, by relation */
    private array $days = [];

    /** @var array<string, Revision|PathRevision|SumpRevision> revisions by relation and id, read once */
    private array $read = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'room' => 'array',
            'overlays' => 'array',
            'care_plan' => 'array',
            'target_school' => TargetSchool::class,
            'carbon_school' => CarbonSchool::class,
            'tank_version' => 'integer',
            'room_version' => 'integer',
        ];
    }

    /** Where the tank stands, as far as its first keeper says: whose calendar its days are of. */
    public function zone(): DateTimeZone
    {
        return once(fn (): DateTimeZone => $this->members()->oldest('users.id')->first()?->zone()
            ?? new DateTimeZone('UTC'));
    }

    /** @return BelongsToMany<User, $this> */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships')->withPivot('role');
    }

    /** @return HasMany<Revision, $this> in order of the day they come into force */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class)->orderBy('in_force_from')->orderBy('id');
    }

    /** @return HasMany<PathDraft, $this> */
    public function drafts(): HasMany
    {
        return $this->hasMany(PathDraft::class);
    }

    /** @return HasMany<PathRevision, $this> in order of the day they come into force */
    public function pathRevisions(): HasMany
    {
        return $this->hasMany(PathRevision::class)->orderBy('in_force_from')->orderBy('id');
    }

    /** @return HasMany<SumpRevision, $this> in order of the day they come into force */
    public function sumpRevisions(): HasMany
    {
        return $this->hasMany(SumpRevision::class)->orderBy('in_force_from')->orderBy('id');
    }

    /** @return HasOne<SumpSection, $this> */
    public function section(): HasOne
    {
        return $this->hasOne(SumpSection::class);
    }

    /** @return HasMany<JournalEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(JournalEntry::class);
    }

    /** @return HasMany<Course, $this> */
    public function courses(): HasMany
    {
        return $this->hasMany(Course::class);
    }

    /** @return HasMany<Ramp, $this> */
    public function ramps(): HasMany
    {
        return $this->hasMany(Ramp::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    /** The description in force at a moment; before the first one came into force, the first. */
    public function revisionAt(DateTimeInterface $moment): Revision
    {
        $revision = $this->inForceAt('revisions', $moment) ?? $this->revisions()->firstOrFail();

        return $revision instanceof Revision ? $revision : throw new LogicException('This is no description.');
    }

    /** The path in force at a moment; null while none had come into force. */
    public function pathRevisionAt(DateTimeInterface $moment): ?PathRevision
    {
        $revision = $this->inForceAt('pathRevisions', $moment);

        return $revision instanceof PathRevision ? $revision : null;
    }

    /** The sump in force at a moment; null while none had come into force. */
    public function sumpRevisionAt(DateTimeInterface $moment): ?SumpRevision
    {
        $revision = $this->inForceAt('sumpRevisions', $moment);

        return $revision instanceof SumpRevision ? $revision : null;
    }

    /**
     * Only the one that counts is read; each holds a whole document.
     *
     * @param  'revisions'|'pathRevisions'|'sumpRevisions'  $relation
     */
    private function inForceAt(
        string $relation,
        DateTimeInterface $moment,
    ): Revision|PathRevision|SumpRevision|null {
        $id = $this->idAt($relation, $moment);

        return $id === null ? null : $this->read["{$relation} {$id}"] ??= $this->{$relation}()->findOrFail($id);
    }

    /** @param  'revisions'|'pathRevisions'|'sumpRevisions'  $relation */
    private function idAt(string $relation, DateTimeInterface $moment): ?int
    {
        $seconds = $moment->getTimestamp();
        $id = null;
        foreach ($this->daysOf($relation) as [$revision, $from]) {
            $id = $from <= $seconds ? $revision : $id;
        }

        return $id;
    }

    /**
     * @param  'revisions'|'pathRevisions'|'sumpRevisions'  $relation
     * @return list<array{int, int}> ids with the seconds since 1970 from which they hold, in their order
     */
    private function daysOf(string $relation): array
    {
        return $this->days[$relation] ??= array_values($this->{$relation}()->toBase()->get(['id', 'in_force_from'])
            ->map(static fn (object $row): array => [
                (int) $row->id,
                Journal::moment((string) $row->in_force_from)->getTimestamp(),
            ])
            ->all());
    }

    /** @return array<string, string> like the stamp, by kind of entry; what is no entry has one by "*" */
    public function kindStamps(): array
    {
        if ($this->kindStamps[0] !== $this->stamp) {
            $this->kindStamps = [$this->stamp, DB::table('kind_stamps')
                ->where('system_id', $this->id)
                ->orderBy('kind')
                ->pluck('stamp', 'kind')
                ->all()];
        }

        return $this->kindStamps[1];
    }

    /** Defaults as this tank has them. */
    public function assumptions(): Assumptions
    {
        return $this->assumptions
            ??= Assumptions::standard()->with(OverlayDocument::stored($this->overlays ?? []));
    }

    public function carePlan(): Plan
    {
        return Plan::of($this->care_plan['off'] ?? [], $this->care_plan['doers'] ?? []);
    }

    /** Takes a value of its own for one default, or goes back to the default. */
    public function overlay(string $key, ?Overlay $overlay): void
    {
        // Read anew within the lock, so that another window's overlay of another key is kept.
        DB::transaction(function () use ($key, $overlay): void {
            $overlays = self::query()->findOrFail($this->id)->overlays ?? [];
            unset($overlays[$key]);
            if ($overlay !== null) {
                $overlays[$key] = $overlay->toArray();
            }
            $this->forceFill(['overlays' => $overlays === [] ? null : $overlays])->save();
        });
        [$this->assumptions, $this->setups, $this->litres] = [null, [], []];
    }

    /** What stands at a moment: tank, path and sump in force then. Whoever wants a fact of the system asks it. */
    public function setupAt(DateTimeInterface $moment): Setup
    {
        return $this->setups[$this->standingAt($moment)] ??= new Setup(
            $this->revisionAt($moment)->tank()->assuming($this->assumptions()),
            $this->pathRevisionAt($moment)?->path(),
            $this->sumpRevisionAt($moment)?->design(),
        );
    }

    /** Which revisions stand at a moment. */
    private function standingAt(DateTimeInterface $moment): string
    {
        return "{$this->idAt('revisions', $moment)} {$this->idAt('pathRevisions', $moment)} "
            .$this->idAt('sumpRevisions', $moment);
    }

    /** The tank at a moment, with the flow, the sump water and the further tanks it had then. */
    public function tankAt(DateTimeInterface $moment): Tank
    {
        return $this->setupAt($moment)->tank;
    }

    /** The working volume on a day, litres. */
    public function workingLitresAt(DateTimeInterface $moment): float
    {
        return $this->litres[$this->standingAt($moment)] ??= $this->tankAt($moment)->workingVolume()->litres;
    }

    /**
     * @return list<DateTimeImmutable> days on which tank, path or sump were changed; the first of each says what was
     *   there already
     */
    public function changedOn(): array
    {
        $days = [];
        foreach (['revisions', 'pathRevisions', 'sumpRevisions'] as $relation) {
            foreach (array_slice($this->daysOf($relation), 1) as [, $from]) {
                $days[] = self::moment($from);
            }
        }

        return $days;
    }

    /** The moment from which all of tank, path and sump that there is had been described. */
    public function describedFrom(): ?DateTimeImmutable
    {
        $firsts = array_filter(array_map(
            fn (string $relation): ?int => $this->daysOf($relation)[0][1] ?? null,
            ['revisions', 'pathRevisions', 'sumpRevisions'],
        ));

        return $firsts === [] ? null : self::moment(max($firsts));
    }

    private static function moment(int $seconds): DateTimeImmutable
    {
        return (new DateTimeImmutable)->setTimezone(new DateTimeZone('UTC'))->setTimestamp($seconds);
    }
}
