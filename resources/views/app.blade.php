<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Ordotype</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16'%3E%3Cpath d='M2 12h12v3H2zM4 7h10v3H4zM6 2h8v3H6z'/%3E%3C/svg%3E">
    @vite('resources/js/app/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Ordotype needs JavaScript.</noscript>
</body>
</html>
