<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\StandardPiece;
use App\Models\StandardVersion;
use App\Models\Tier;
use Document\Standard\PieceKind;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** The database refuses what the application would never write: whatever reaches it, its rows make sense. */
final class ConstraintsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function senseless(): iterable
    {
        yield 'a role that is none' => ["UPDATE users SET role = 'owner'"];
        yield 'an address twice' => ["UPDATE users SET email = 'same@kittiwake.example'"];
        yield 'a state of a version that is none' => ["UPDATE standard_versions SET state = 'lost'"];
        yield 'a piece of a standard that is no JSON' => ["UPDATE standard_pieces SET value = '{'"];
        yield 'a piece of no kind' => ["UPDATE standard_pieces SET kind = 'mood'"];
        yield 'a piece that names itself otherwise than its row' => ["UPDATE standard_pieces SET `key` = 'other' WHERE kind = 'technique' LIMIT 1"];
        yield 'a cell that names another surface than its row' => ["UPDATE standard_pieces SET surface = 'other' WHERE kind = 'cell' LIMIT 1"];
        yield 'a cell without a surface' => ["UPDATE standard_pieces SET surface = '' WHERE kind = 'cell' LIMIT 1"];
        yield 'two tiers of one rank' => ["UPDATE standard_pieces SET value = JSON_SET(value, '$.rank', 3) WHERE kind = 'tier'"];
        yield 'the piece of a tier taken away' => ["DELETE FROM standard_pieces WHERE kind = 'tier'"];
        yield 'a share over 1' => ['UPDATE figure_areas SET share = 1.5'];
        yield 'a size class that is none' => ["UPDATE figure_types SET size_class = 'vast'"];
        yield 'a state of a figure that is none' => ["UPDATE figures SET state = 'lost'"];
        yield 'two figures of one number' => ['UPDATE figures SET number = 1'];
        yield 'a waiver without a reason' => ["UPDATE variations SET reason = '  '"];
        yield 'a colour that is none' => ["UPDATE paints SET hex = '#GGGGGG'"];
        yield 'a colour in capitals' => ["UPDATE paints SET hex = '#ABCDEF'"];
        yield 'less than no stock' => ['UPDATE paints SET stock_ml = -1'];
        yield 'a mix of no parts' => ['UPDATE scheme_step_parts SET parts = 0'];
        yield 'a paint of no kind' => ["UPDATE paints SET kind = 'glitter'"];
        yield 'a paint that never covers' => ['UPDATE paints SET coats_dark = 0'];
        yield 'a paint that hides more than all' => ['UPDATE paints SET hiding = 1.5'];
        yield 'a step that covers nothing' => ['UPDATE scheme_steps SET cover = 0'];
        yield 'a step of no role' => ["UPDATE scheme_steps SET role = 'glow'"];
        yield 'an area the same as itself' => ['UPDATE scheme_areas SET same_as = area'];
        yield 'a rung that is of a use' => ["UPDATE scheme_steps SET `use` = 'eye' WHERE role = 'base'"];
        yield 'a shared light of nothing' => ["UPDATE schemes SET last_light = 'shared', light_paint_id = NULL"];
        yield 'two common schemes of one force' => ['INSERT INTO schemes (studio_id, force_id, name) SELECT studio_id, force_id, \'Other\' FROM schemes LIMIT 1'];
        yield 'a paint that schemes take taken away' => ["DELETE FROM paints WHERE name = 'Gull White'"];
        yield 'an excuse without a reason' => ["UPDATE bench_marks SET state = 'later', reason = ''"];
        yield 'a tier that units have taken away' => ['DELETE FROM tiers'];
        yield 'a person who painted taken away' => ["DELETE FROM users WHERE email = 'isla@kittiwake.example'"];
        yield 'a promise of nobody' => ["UPDATE jobs SET promised_on = '2027-01-04'"];
        yield 'a job set aside for no reason' => ["UPDATE jobs SET aside_because = '', aside_by = (SELECT MIN(id) FROM users), aside_at = NOW()"];
        yield 'a week of six days' => ["UPDATE bench_hours SET minutes = '[1,2,3,4,5,6]'"];
        yield 'a day that begins the day after' => ['UPDATE bench_hours SET begins = 1440'];
        yield 'a break of no length' => ['UPDATE bench_hours SET break_at = 780'];
        yield 'more coats than anybody lays' => ["INSERT INTO further_coats (studio_id, figure_id, area, `use`, coats, user_id) SELECT studio_id, id, 'coat', 'base', 6, (SELECT MIN(id) FROM users) FROM figures LIMIT 1"];
        yield 'a unit of no job' => ['UPDATE units SET job_id = 999999'];
    }

    #[DataProvider('senseless')]
    public function test_the_database_refuses(string $statement): void
    {
        $this->expectException(QueryException::class);
        DB::statement($statement);
    }

    public function test_one_version_of_a_standard_is_in_force(): void
    {
        $version = (array) DB::table('standard_versions')->where('studio_id', $this->lead()->studio_id)->first();
        unset($version['id'], $version['in_force_of']);

        $this->expectException(QueryException::class);
        DB::table('standard_versions')->insert(['label' => 'second'] + $version);
    }

    public function test_one_check_of_a_figure_is_open(): void
    {
        $check = ['studio_id' => $this->lead()->studio_id, 'figure_id' => $this->figure('1st Lamplighters', 2)->id, 'state' => 'open', 'signature' => '', 'opened_by' => $this->lead()->id];
        DB::table('checks')->insert(['round' => 1] + $check);

        $this->expectException(QueryException::class);
        DB::table('checks')->insert(['round' => 2] + $check);
    }

    public function test_a_waiver_stands_once_for_a_unit_and_once_more_for_each_figure(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $area = DB::table('figure_areas')->where('figure_type_id', $unit->figure_type_id)->where('key', 'face')->value('id');
        $waiver = ['studio_id' => $unit->studio_id, 'unit_id' => $unit->id, 'figure_area_id' => $area, 'kind' => 'waiver', 'use' => 'wash', 'reason' => 'agreed', 'user_id' => $this->lead()->id];
        DB::table('variations')->insert(['figure_id' => null] + $waiver);
        DB::table('variations')->insert(['figure_id' => $this->figure('2nd Lamplighters', 3)->id] + $waiver);

        $this->expectException(QueryException::class);
        DB::table('variations')->insert(['figure_id' => null] + $waiver);
    }

    /** @return iterable<string, array{PieceKind, string, array<string, mixed>, string}> */
    public static function senselessPieces(): iterable
    {
        $cell = static fn (array $use): array => ['uses' => [$use]];
        yield 'a distance of 0' => [PieceKind::Tier, '', ['distance_mm' => 0], '/value/distance_mm'];
        yield 'noticing under 1 minute of arc' => [PieceKind::Tier, '', ['notice_arcmin' => 0.5], '/value/notice_arcmin'];
        yield 'a look of no time' => [PieceKind::Tier, '', ['look_minutes' => 0], '/value/look_minutes'];
        yield 'two tiers of one rank' => [PieceKind::Tier, '', ['rank' => 2], '/value/rank'];
        yield 'a group that is none' => [PieceKind::Technique, '', ['group' => 'sparkle'], '/value/group'];
        yield 'an opacity that is none' => [PieceKind::Technique, '', ['opacity' => 'milky'], '/value/opacity'];
        yield 'no coat' => [PieceKind::Cell, 'face', $cell(['technique' => 'base', 'coats' => 0]), '/value/uses/0/coats'];
        yield 'less than no minutes' => [PieceKind::Cell, 'face', $cell(['technique' => 'base', 'minutes' => -1]), '/value/uses/0/minutes'];
        yield 'minutes a piece without a piece' => [PieceKind::Cell, 'face', $cell(['technique' => 'base', 'each' => 1]), '/value/uses/0/each'];
        yield 'a cover over 1' => [PieceKind::Cell, 'face', $cell(['technique' => 'base', 'cover' => 1.1]), '/value/uses/0/cover'];
        yield 'an extent that is none' => [PieceKind::Cell, 'face', $cell(['technique' => 'base', 'extent' => 'some']), '/value/uses/0/extent'];
        yield 'a severity that is none' => [PieceKind::Cell, 'face', ['uses' => [], 'criteria' => [['id' => 'a', 'text' => 'It is so.', 'severity' => 'grave']]], '/value/criteria/0/severity'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('senselessPieces')]
    public function test_no_piece_of_a_standard_is_stored_that_makes_no_sense(PieceKind $kind, string $surface, array $change, string $at): void
    {
        $version = StandardVersion::query()->where('state', 'in-force')->firstOrFail();
        $draft = $this->answer($this->lead(), 'POST', '/standards', ['from' => $version->id]);
        self::assertIsInt($draft['id']);
        $piece = StandardPiece::query()->where('standard_version_id', $draft['id'])->where('kind', $kind)->where('surface', $surface)->orderByDesc('position')->firstOrFail();
        $before = DB::table('standard_pieces')->pluck('value', 'id')->all();

        $this->as($this->lead(), 'POST', "/standards/{$draft['id']}/changes", ['changes' => [
            ['kind' => $kind->value, 'id' => $piece->key, 'surface' => $surface, 'revision' => 1, 'value' => $change + $piece->value],
        ]])->assertStatus(422)->assertJsonPath('error.path', "/changes/0{$at}");
        self::assertSame($before, DB::table('standard_pieces')->pluck('value', 'id')->all());
    }

    public function test_sides_stay_in_the_order_that_the_standard_gives(): void
    {
        self::assertSame(['front', 'left', 'back', 'right', 'above'], Tier::query()->where('key', 'muster')->firstOrFail()->piece->value['sides']);
    }
}
