<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use ZipArchive;

/** A spreadsheet file (.xlsx, ECMA-376) with one sheet, as small as one may be. */
final readonly class Spreadsheet
{
    /** @param  list<list<string|int>>  $rows */
    public static function of(array $rows): string
    {
        $xml = '';
        foreach ($rows as $r => $cells) {
            $xml .= '<row r="'.($r + 1).'">';
            foreach ($cells as $c => $cell) {
                $at = chr(ord('A') + $c).($r + 1);
                $xml .= is_int($cell) ? "<c r=\"{$at}\"><v>{$cell}</v></c>" : "<c r=\"{$at}\" t=\"inlineStr\"><is><t>".htmlspecialchars($cell, ENT_XML1).'</t></is></c>';
            }
            $xml .= '</row>';
        }

        return self::zipped([
            'xl/workbook.xml' => '<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="List" sheetId="1" r:id="r1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/></Relationships>',
            'xl/worksheets/sheet1.xml' => "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>{$xml}</sheetData></worksheet>",
        ]);
    }

    /** @param  array<string, string>  $parts */
    private static function zipped(array $parts): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("{$file} cannot be written.");
        }
        foreach ($parts as $name => $part) {
            $zip->addFromString($name, $part);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }
}
