<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A version of a standard was taken apart into ten tables and put together again for every reader. It is
 * kept as its pieces now, each with its value as it stands in the document.
 *
 * The documents are put together a last time, by the database. Merging a patch takes out what is null, and
 * null stood for what a document left out; what is not a text is read as JSON, lest it be written as a text.
 */
return new class extends Migration
{
    /** Those that point to others first. */
    private const GONE = ['criterion_uses', 'criteria', 'requirement_use_techniques', 'requirement_uses', 'requirements', 'reference_areas', 'technique_replacements', 'techniques', 'surfaces'];

    private const LIMITS = "JSON_OBJECT('critical', limit_critical, 'major', limit_major, 'minor', limit_minor)";

    public function up(): void
    {
        $this->createPieces();
        // A cell of many uses is longer than the sort that groups are put together with by default.
        DB::statement('SET SESSION group_concat_max_len = 67108864');
        $this->fill('head', 'standard_versions', ['id', "''", "''", '0', 'head_revision'], $this->head());
        $this->fill('surface', 'surfaces', ['standard_version_id', '`key`', "''", 'position', 'revision'], self::given("'id', `key`, 'name', name, 'needs_lay_in', ".self::flag('needs_lay_in')));
        $this->fill('technique', 'techniques', ['standard_version_id', '`key`', "''", 'position', 'revision'], $this->technique());
        $this->fill('tier', 'tiers', ['standard_version_id', '`key`', "''", 'position', 'revision'], self::given(
            "'id', `key`, 'name', name, 'rank', `rank`, 'distance_mm', distance_mm, 'sides', JSON_COMPACT(sides), 'look_minutes', look_minutes, 'limits', ".self::LIMITS
            .", 'colour_tolerance', colour_tolerance, 'notice_arcmin', notice_arcmin, 'budget_minutes', budget_minutes, 'by_agreement', ".self::flag('by_agreement').", 'retired', ".self::flag('retired')
        ));
        $this->fill('cell', 'requirements', ['standard_version_id', self::keyOf('tiers', 'tier_id'), self::keyOf('surfaces', 'surface_id'), 'position', 'revision'], $this->cell());
        $this->thinTiers();
        DB::statement('ALTER TABLE standard_versions DROP COLUMN reference_size, DROP COLUMN has_reference, DROP COLUMN optional, DROP COLUMN head_revision');
        foreach (self::GONE as $table) {
            Schema::dropIfExists($table);
        }
    }

    public function down(): void
    {
        throw new RuntimeException('The tables of before cannot keep everything that a piece can; restore a backup of before instead.');
    }

    private function createPieces(): void
    {
        // What an earlier attempt left half done; the tables it reads from go last.
        Schema::dropIfExists('standard_pieces');
        Schema::create('standard_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('standard_version_id')->constrained();
            $table->string('kind', 10);
            // The id of the thing; of a cell its tier, and the surface beside it.
            $table->string('key', 120);
            $table->string('surface', 120)->default('');
            $table->unsignedInteger('position');
            // The revision of the draft in which this piece was last written.
            $table->unsignedInteger('revision')->default(0);
            // MariaDB checks that it is JSON.
            $table->json('value');
            $table->unique(['standard_version_id', 'kind', 'key', 'surface'], 'standard_pieces_once');
        });
        DB::statement("ALTER TABLE standard_pieces
            ADD CONSTRAINT standard_pieces_kind CHECK (kind IN ('head', 'surface', 'technique', 'tier', 'cell')),
            ADD CONSTRAINT standard_pieces_cell CHECK ((kind = 'cell') = (surface <> '') AND (kind = 'head') = (`key` = '')),
            ADD CONSTRAINT standard_pieces_name CHECK (kind = 'head'
                OR kind = 'cell' AND JSON_VALUE(value, '$.tier') <=> `key` AND JSON_VALUE(value, '$.surface') <=> surface
                OR kind <> 'cell' AND JSON_VALUE(value, '$.id') <=> `key`),
            ADD tier_rank INT UNSIGNED AS (IF(kind = 'tier', JSON_VALUE(value, '$.rank'), NULL)) PERSISTENT,
            ADD UNIQUE standard_pieces_rank (standard_version_id, tier_rank)");
    }

    /** @param  array{string, string, string, string, string}  $columns version, key, surface, position and revision of the piece */
    private function fill(string $kind, string $table, array $columns, string $value): void
    {
        DB::statement("INSERT INTO standard_pieces (studio_id, kind, standard_version_id, `key`, surface, position, revision, value)
            SELECT studio_id, '{$kind}', ".implode(', ', $columns).", {$value} FROM {$table} x ORDER BY id");
    }

    private function head(): string
    {
        $area = self::merged("'id', a.`key`, 'surface', s.`key`, 'share', a.share, 'features', JSON_COMPACT(a.features)");
        $areas = "(SELECT COALESCE(JSON_ARRAYAGG({$area} ORDER BY a.position), '[]') FROM reference_areas a JOIN surfaces s ON s.id = a.surface_id WHERE a.standard_version_id = x.id)";
        $reference = self::merged("'areas', JSON_COMPACT({$areas}), 'size', reference_size, 'name', JSON_VALUE(optional, '$.reference_name')");

        return "JSON_REMOVE(JSON_MERGE_PATCH(COALESCE(optional, '{}'), ".self::merged("'reference', JSON_COMPACT(IF(has_reference, {$reference}, NULL)), 'reference_name', ''")."), '$.reference_name')";
    }

    private function technique(): string
    {
        $replaced = "(SELECT COALESCE(JSON_ARRAYAGG(t.`key` ORDER BY l.position), '[]') FROM technique_replacements l JOIN techniques t ON t.id = l.replaces_id WHERE l.technique_id = x.id)";

        return self::given("'id', `key`, 'name', name, 'group', `group`, 'opacity', opacity, 'lies_on', lies_on, 'dry', dry, 'messy', ".self::flag('messy').", 'replaces', JSON_COMPACT(IF(names_replaced, {$replaced}, NULL))");
    }

    private function cell(): string
    {
        $named = '(SELECT JSON_ARRAYAGG(t.`key` ORDER BY l.position) FROM requirement_use_techniques l JOIN techniques t ON t.id = l.technique_id WHERE l.requirement_use_id = u.id)';
        $use = self::merged("'id', IF(u.names_key, u.`key`, NULL), 'technique', IF(JSON_LENGTH({$named}) = 1, JSON_VALUE({$named}, '$[0]'), NULL), 'any_of', JSON_COMPACT(IF(JSON_LENGTH({$named}) > 1, {$named}, NULL)),
            'coats', u.coats, 'steps', u.steps, 'extent', u.extent, 'cover', u.cover, 'places', JSON_COMPACT(u.places), 'minutes', u.minutes, 'fixed', u.fixed, 'each', u.`each`, 'feature', u.feature");
        $uses = "(SELECT COALESCE(JSON_ARRAYAGG({$use} ORDER BY u.position), '[]') FROM requirement_uses u WHERE u.requirement_id = x.id)";
        $judged = "(SELECT COALESCE(JSON_ARRAYAGG(j.`key` ORDER BY l.position), '[]') FROM criterion_uses l JOIN requirement_uses j ON j.id = l.requirement_use_id WHERE l.criterion_id = k.id)";
        $criterion = 'JSON_MERGE_PATCH('.self::merged("'id', k.`key`, 'text', k.`text`, 'severity', k.severity, 'uses', JSON_COMPACT(IF(k.names_uses, {$judged}, NULL)), 'feature', k.feature").", COALESCE(k.optional, '{}'))";
        $criteria = "(SELECT COALESCE(JSON_ARRAYAGG({$criterion} ORDER BY k.position), '[]') FROM criteria k WHERE k.requirement_id = x.id)";

        return self::given("'tier', ".self::keyOf('tiers', 'tier_id').", 'surface', ".self::keyOf('surfaces', 'surface_id').", 'uses', JSON_COMPACT({$uses}), 'criteria', JSON_COMPACT(IF(names_criteria, {$criteria}, NULL))");
    }

    private function thinTiers(): void
    {
        if (! Schema::hasColumn('tiers', 'standard_piece_id')) {
            DB::statement('ALTER TABLE tiers ADD standard_piece_id BIGINT UNSIGNED NULL');
        }
        DB::statement("UPDATE tiers t JOIN standard_pieces p ON p.standard_version_id = t.standard_version_id AND p.kind = 'tier' AND p.`key` = t.`key` SET t.standard_piece_id = p.id");
        foreach (['distance', 'look', 'tolerance', 'notice', 'budget'] as $check) {
            DB::statement("ALTER TABLE tiers DROP CONSTRAINT tiers_{$check}");
        }
        DB::statement('ALTER TABLE tiers DROP INDEX tiers_standard_version_id_rank_unique');
        Schema::table('tiers', function (Blueprint $table): void {
            $table->dropColumn([
                'name', 'position', 'rank', 'distance_mm', 'sides', 'look_minutes', 'limit_critical', 'limit_major', 'limit_minor',
                'colour_tolerance', 'notice_arcmin', 'budget_minutes', 'by_agreement', 'retired', 'optional', 'revision',
            ]);
        });
        DB::statement('ALTER TABLE tiers MODIFY standard_piece_id BIGINT UNSIGNED NOT NULL,
            ADD CONSTRAINT tiers_piece FOREIGN KEY (standard_piece_id) REFERENCES standard_pieces (id), ADD UNIQUE tiers_once (standard_piece_id)');
    }

    /** An object of these members, without those that are null. */
    private static function merged(string $members): string
    {
        return "JSON_MERGE_PATCH('{}', JSON_OBJECT({$members}))";
    }

    /** The same, with the optional members that were kept together. */
    private static function given(string $members): string
    {
        return 'JSON_MERGE_PATCH('.self::merged($members).", COALESCE(optional, '{}'))";
    }

    private static function flag(string $column): string
    {
        return "JSON_COMPACT(ELT({$column} + 1, 'false', 'true'))";
    }

    private static function keyOf(string $table, string $column): string
    {
        return "(SELECT o.`key` FROM {$table} o WHERE o.id = x.{$column})";
    }
};
