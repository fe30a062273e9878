<?php

declare(strict_types=1);

namespace App\Papers;

use App\Models\Paper;
use App\Refusals\NotRight;
use Core\CoreException;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Makes papers of one kind. */
interface Maker
{
    /**
     * @param  callable(int $drawn, int $of): void  $told how far its pictures are drawn
     * @return string the paper as HTML, with its pictures
     *
     * @throws NotRight|CoreException if what it is of is not as it was when it was asked for
     * @throws ModelNotFoundException<Model> if that is not there any more
     */
    public function page(Paper $paper, callable $told): string;
}
