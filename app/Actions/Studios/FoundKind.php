<?php

declare(strict_types=1);

namespace App\Actions\Studios;

/** What can be found by its name. */
enum FoundKind: string
{
    case Job = 'job';
    case Unit = 'unit';
    case Figure = 'figure';
    case Scheme = 'scheme';
    case Record = 'record';
    case FigureType = 'figure-type';
    case Paint = 'paint';
}
