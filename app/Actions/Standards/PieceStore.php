<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Casts\DocumentJson;
use App\Models\CurrentStudio;
use App\Models\Standard;
use App\Models\StandardPiece;
use App\Models\StandardVersion;
use App\Models\Tier;
use Document\Standard\Piece;
use Document\Standard\PieceKind;
use Document\Standard\StandardPieces;
use Document\Standard\StandardReader;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The pieces of a version in the database: a row a piece, with its value as it stands in the document.
 *
 * Name and label of the head are columns of the version, which no two may share.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 */
final readonly class PieceStore
{
    private const OF_VERSION = ['name' => true, 'version' => true];

    public function __construct(private CurrentStudio $studio)
    {
    }

    /**
     * All pieces of a version that has none yet.
     *
     * @param  Document  $document
     */
    public function fill(StandardVersion $version, array $document): void
    {
        $pieces = new StandardPieces($document);
        $rows = [];
        foreach ($pieces->all() as $position => $piece) {
            $rows[] = $this->row($version, $piece, $pieces->read($piece) ?? []) + ['position' => $position, 'revision' => $version->revision];
        }
        foreach (array_chunk($rows, 500) as $some) {
            DB::table('standard_pieces')->insert($some);
        }
        $this->pointAtTiers($version);
    }

    /** 0 for a piece that is not there. */
    public function revision(StandardVersion $draft, Piece $piece): int
    {
        $revision = $piece->kind === PieceKind::Order ? $draft->order_revision : self::rows($draft, $piece)->value('revision');

        // Rows of a new draft are of revision 0 and are there: 1 more than those of a piece that is not.
        return is_numeric($revision) ? (int) $revision + 1 : 0;
    }

    /**
     * Takes the ranks off tiers that are written next: two may change places, and no two may share a rank meanwhile.
     *
     * @param  list<Piece>  $pieces
     */
    public function freeRanks(StandardVersion $draft, array $pieces): void
    {
        $tiers = array_column(array_filter($pieces, static fn (Piece $piece): bool => $piece->kind === PieceKind::Tier), 'id');
        if ($tiers === []) {
            return;
        }
        StandardPiece::query()->where('standard_version_id', $draft->id)->where('kind', PieceKind::Tier)->whereIn('key', $tiers)
            ->toBase()->update(['value' => DB::raw("JSON_REMOVE(value, '$.rank')")]);
    }

    /** @param  array<array-key, mixed>|null  $value sound within the draft; null takes the piece away */
    public function write(StandardVersion $draft, Piece $piece, ?array $value): void
    {
        if ($piece->kind === PieceKind::Order) {
            $this->order($draft, $piece, $value ?? []);

            return;
        }
        if ($piece->kind === PieceKind::Head) {
            self::rename($draft, $value ?? []);
        }
        if ($value === null) {
            $this->remove($draft, $piece);
        } else {
            $this->put($draft, $piece, $value);
        }
    }

    /** @param  array<array-key, mixed>  $value */
    private function put(StandardVersion $draft, Piece $piece, array $value): void
    {
        $row = $this->row($draft, $piece, $value) + ['revision' => $draft->revision];
        if (self::rows($draft, $piece)->exists()) {
            self::rows($draft, $piece)->toBase()->update($row);

            return;
        }
        $last = StandardPiece::query()->where('standard_version_id', $draft->id)->max('position');
        DB::table('standard_pieces')->insert($row + ['position' => is_numeric($last) ? (int) $last + 1 : 0]);
        if ($piece->kind === PieceKind::Tier) {
            $this->pointAtTiers($draft);
        }
    }

    private function remove(StandardVersion $draft, Piece $piece): void
    {
        if ($piece->kind === PieceKind::Tier) {
            Tier::query()->where('standard_version_id', $draft->id)->where('key', $piece->id)->delete();
        }
        self::rows($draft, $piece)->delete();
    }

    /** @param  array<array-key, mixed>  $ids as in a document, where not all need be named */
    private function order(StandardVersion $draft, Piece $order, array $ids): void
    {
        $rows = StandardPiece::query()->where('standard_version_id', $draft->id)->where('kind', PieceKind::ofList($order->id))->orderBy('position')->get(['id', 'key', 'position']);
        $entries = $rows->map(static fn (StandardPiece $row): array => ['id' => $row->key])->all();
        $keys = (new StandardPieces([$order->id => $entries]))->with($order, $ids)->read($order) ?? [];
        foreach ($rows as $i => $row) {
            if ($row->key !== $keys[$i]) {
                StandardPiece::query()->where('standard_version_id', $draft->id)->where('kind', PieceKind::ofList($order->id))->where('key', $keys[$i])->update(['position' => $row->position]);
            }
        }
        $draft->update(['order_revision' => $draft->revision]);
    }

    /** @param  array<array-key, mixed>  $head */
    private static function rename(StandardVersion $draft, array $head): void
    {
        /** @var array{name: string, version: string} $head */
        $draft->fill(['standard_id' => Standard::query()->firstOrCreate(['name' => $head['name']])->id, 'label' => $head['version']])->save();
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return array<string, int|string>
     */
    private function row(StandardVersion $version, Piece $piece, array $value): array
    {
        return [
            'studio_id' => $this->studio->id(),
            'standard_version_id' => $version->id,
            'kind' => $piece->kind->value,
            'key' => $piece->id,
            'surface' => $piece->surface,
            'value' => DocumentJson::text($piece->kind === PieceKind::Head ? array_diff_key($value, self::OF_VERSION) : $value),
        ];
    }

    /** @return Builder<StandardPiece> */
    private static function rows(StandardVersion $version, Piece $piece): Builder
    {
        return StandardPiece::query()->where('standard_version_id', $version->id)
            ->where('kind', $piece->kind)->where('key', $piece->id)->where('surface', $piece->surface);
    }

    /** Each tier has a row that units and figures can point to. */
    private function pointAtTiers(StandardVersion $version): void
    {
        $new = DB::table('standard_pieces')->where('standard_version_id', $version->id)->where('kind', PieceKind::Tier->value)
            ->whereNotIn('id', DB::table('tiers')->where('standard_version_id', $version->id)->select('standard_piece_id'))
            ->orderBy('position')
            ->select(['studio_id', 'standard_version_id', 'id', 'key']);
        DB::table('tiers')->insertUsing(['studio_id', 'standard_version_id', 'standard_piece_id', 'key'], $new);
    }
}
