<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeInterface;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Ithys\Water\Tank;

/**
 * One tank with its filtration, its design revisions and its journal.
 *
 * @property int $id
 * @property string $name
 */
final class System extends Model
{
    /** @use HasFactory<\Database\Factories\SystemFactory> */
    use HasFactory, SoftDeletes;

    protected $fillable = ['name'];

    /** @var array<int, float> working volume by revision, worked out once */
    private array $workingLitres = [];

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

    /** @return HasMany<JournalEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(JournalEntry::class);
    }

    /** The description in force at a moment; before the first one came into force, the first. */
    public function revisionAt(DateTimeInterface $moment): Revision
    {
        $revisions = $this->loadMissing('revisions')->revisions;

        return $revisions->last(fn (Revision $revision): bool => $revision->in_force_from <= $moment) ?? $revisions->firstOrFail();
    }

    public function tankAt(DateTimeInterface $moment): Tank
    {
        return $this->revisionAt($moment)->tank();
    }

    /** The working volume on a day, litres. */
    public function workingLitresAt(DateTimeInterface $moment): float
    {
        $revision = $this->revisionAt($moment);

        return $this->workingLitres[$revision->id] ??= $revision->tank()->workingVolume()->litres;
    }
}
