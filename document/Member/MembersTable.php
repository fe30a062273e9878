<?php

declare(strict_types=1);

namespace Document\Member;

/** The optional members of the format as a table in Markdown, as it stands in the documentation. */
final readonly class MembersTable
{
    public const FILE = 'docs/standard-format.md';

    private const BEGIN = "<!-- made from the declared members -->\n";

    private const END = "<!-- end of what is made -->\n";

    public static function text(): string
    {
        $lines = ['| where | member | default | meaning |', '|---|---|---|---|'];
        foreach (self::objects() as $where => $members) {
            foreach ($members->all as $member) {
                if (! $member->needed) {
                    $lines[] = "| {$where} | `{$member->name}` | ".self::otherwise($members->otherwise($member))." | {$member->meaning} |";
                    $where = '';
                }
            }
        }

        return self::BEGIN.implode("\n", $lines)."\n".self::END;
    }

    /** The page with the table in its place. */
    public static function in(string $page): string
    {
        $begin = strpos($page, self::BEGIN);
        $end = strpos($page, self::END);

        return $begin === false || $end === false ? $page : substr($page, 0, $begin).self::text().substr($page, $end + strlen(self::END));
    }

    /** @return array<string, Members<covariant object>> */
    private static function objects(): array
    {
        return [
            'surface' => SurfaceMembers::all(),
            'technique' => TechniqueMembers::all(),
            'tier' => TierMembers::all(),
            'requirement' => RequirementMembers::all(),
            'menu' => MenuMembers::all(),
            'use' => UseMembers::degree(),
            'criterion' => CriterionMembers::all(),
            'accepted' => AcceptanceMembers::all(),
            'reference' => ReferenceMembers::all(),
            'area of the reference' => AreaMembers::ofReference(),
        ];
    }

    private static function otherwise(string|int|float|bool|null $value): string
    {
        return $value === null ? '' : (is_bool($value) ? ($value ? 'true' : 'false') : "`{$value}`");
    }
}
