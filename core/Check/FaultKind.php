<?php

declare(strict_types=1);

namespace Core\Check;

/** What is wrong with a figure. */
enum FaultKind: string
{
    case Criterion = 'criterion';
    case Missing = 'missing';
    case Flaw = 'flaw';
    case Broken = 'broken';
    /** What the lead sent a figure back for though the numbers accept it. */
    case SentBack = 'sent-back';
}
